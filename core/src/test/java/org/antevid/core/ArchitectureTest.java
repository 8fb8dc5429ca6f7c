package org.antevid.core;

import static com.tngtech.archunit.core.domain.JavaAccess.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.type;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.nameMatching;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SliceAssignment;
import com.tngtech.archunit.library.dependencies.SliceIdentifier;
import java.util.List;

/** The layers of {@code docs/architecture.md}. A rule that matches no class fails. */
@AnalyzeClasses(packages = "org.antevid.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    /** None of them knows another: what needs two of them stands above. */
    private static final List<String> PARTS =
            List.of("stump", "assist", "retreat", "tangle", "takedown", "crew", "outcome", "run");

    @ArchTest
    static final ArchRule DEPENDENCIES_RUN_ONE_WAY = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("quantity")
            .definedBy("..core.quantity..")
            .layer("site")
            .definedBy("..core.site..")
            .layer("stem")
            .definedBy("..core.stem..")
            .layer("parts")
            .definedBy(PARTS.stream().map(p -> "..core." + p + "..").toArray(String[]::new))
            .layer("lay")
            .definedBy("..core.lay..")
            .layer("cutting")
            .definedBy("..core.cutting..")
            .layer("judge")
            .definedBy("..core.judge..")
            .layer("brief")
            .definedBy("..core.brief..")
            .layer("drill")
            .definedBy("..core.drill..")
            .layer("learn")
            .definedBy("..core.learn..")
            .whereLayer("drill")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("learn")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("brief")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("judge")
            .mayOnlyBeAccessedByLayers("brief", "learn")
            .whereLayer("cutting")
            .mayOnlyBeAccessedByLayers("judge", "brief", "learn")
            .whereLayer("lay")
            .mayOnlyBeAccessedByLayers("cutting", "judge", "brief", "drill", "learn")
            .whereLayer("parts")
            .mayOnlyBeAccessedByLayers("lay", "cutting", "judge", "brief", "drill", "learn")
            .whereLayer("stem")
            .mayOnlyBeAccessedByLayers("parts", "lay", "cutting", "judge", "brief", "drill", "learn")
            .whereLayer("site")
            .mayOnlyBeAccessedByLayers("stem", "parts", "lay", "cutting", "judge", "brief", "drill", "learn");

    @ArchTest
    static final ArchRule NO_CYCLES =
            slices().matching("org.antevid.core.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule NO_PART_KNOWS_ANOTHER = slices().assignedFrom(new SliceAssignment() {
                @Override
                public SliceIdentifier getIdentifierOf(JavaClass c) {
                    return PARTS.stream()
                            .filter(p -> (c.getPackageName() + ".").startsWith("org.antevid.core." + p + "."))
                            .findFirst()
                            .map(SliceIdentifier::of)
                            .orElse(SliceIdentifier.ignore());
                }

                @Override
                public String getDescription() {
                    return "parts";
                }
            })
            .should()
            .notDependOnEachOther();

    @ArchTest
    static final ArchRule NO_FRAMEWORK_NO_CLOCK_NO_IO = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "org.springframework..",
                    "jakarta..",
                    "com.fasterxml..",
                    "org.hibernate..",
                    "java.io..",
                    "java.nio..",
                    "java.sql..",
                    "java.time..");

    @ArchTest
    static final ArchRule GEOMETRY_LIBRARY_STAYS_BEHIND_SITE = noClasses()
            .that()
            .resideOutsideOfPackage("..core.site..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("org.locationtech..");

    /** What is judged is a value: nothing is decided by taking words or codes apart. */
    @ArchTest
    static final ArchRule NO_STRING_SURGERY_WHERE_IT_IS_JUDGED = noClasses()
            .that()
            .resideInAnyPackage("..core.judge..", "..core.run..", "..core.crew..", "..core.message..")
            .or()
            .haveSimpleName("Dial")
            .or()
            .haveSimpleName("Sweep")
            .or()
            .haveSimpleName("LayControl")
            .should()
            .callMethodWhere(target(owner(type(String.class)))
                    .and(target(nameMatching(
                            "substring|startsWith|endsWith|contains|indexOf|split|replace|matches|charAt"))));
}
