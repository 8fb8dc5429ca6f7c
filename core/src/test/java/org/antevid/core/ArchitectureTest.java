package org.antevid.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "org.antevid.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule DEPENDENCIES_RUN_ONE_WAY = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("quantity")
            .definedBy("..quantity..")
            .layer("site")
            .definedBy("..site..")
            .layer("stem")
            .definedBy("..stem..")
            .layer("parts")
            .definedBy("..cut..", "..retreat..", "..tangle..", "..crew..", "..outcome..", "..assist..", "..core.run..")
            .layer("lay")
            .definedBy("..core.lay..")
            .layer("card")
            .definedBy("..core.card..")
            .layer("rule")
            .definedBy("..rule..")
            .layer("plan")
            .definedBy("..plan..")
            .layer("sum")
            .definedBy("..sum..")
            .whereLayer("sum")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("plan")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("rule")
            .mayOnlyBeAccessedByLayers("plan")
            .whereLayer("card")
            .mayOnlyBeAccessedByLayers("rule", "plan")
            .whereLayer("lay")
            .mayOnlyBeAccessedByLayers("card", "rule", "plan", "sum")
            .whereLayer("parts")
            .mayOnlyBeAccessedByLayers("lay", "card", "rule", "plan", "sum");

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
}
