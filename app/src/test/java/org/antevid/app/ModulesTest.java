package org.antevid.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.persistence.Entity;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.antevid.app.job.Needs;
import org.junit.jupiter.api.Test;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import org.springframework.modulith.core.ApplicationModules;
import org.springframework.web.bind.annotation.RequestMapping;

class ModulesTest {
    /** A build before may have left what it worked out ahead of the start beside the classes. */
    private static final DescribedPredicate<JavaClass> MADE_AT_THE_BUILD = DescribedPredicate.describe(
            "made at the build", c -> c.getName().contains("__") || c.getName().contains("$$"));

    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("org.antevid.app")
            .that(DescribedPredicate.not(MADE_AT_THE_BUILD));

    @Test
    void modulesHaveNoCyclesAndKeepTheirInsides() {
        ApplicationModules.of(Antevid.class, MADE_AT_THE_BUILD).verify();
    }

    @Test
    void everyCallOnAJobNamesTheRightItNeeds() {
        List<JavaMethod> onJobs = StreamSupport.stream(ALL.spliterator(), false)
                .flatMap(c -> c.getMethods().stream())
                .filter(ModulesTest::onAJob)
                .toList();
        assertThat(onJobs).hasSizeGreaterThan(30);
        assertThat(onJobs).allSatisfy(m -> assertThat(m.isAnnotatedWith(Needs.class))
                .as(m.getFullName())
                .isTrue());
    }

    @Test
    void whatIsKeptStandsApartFromWhatIsServed() {
        classes()
                .that()
                .areAnnotatedWith(Entity.class)
                .and()
                .resideOutsideOfPackage("..trace..")
                .should()
                .haveSimpleNameEndingWith("Entity")
                .andShould()
                .resideInAPackage("..store..")
                .check(ALL);
        classes()
                .that()
                .areAssignableTo(Repository.class)
                .should()
                .resideInAPackage("..store..")
                .check(ALL);
        noClasses()
                .that()
                .resideInAPackage("..store..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("..web..")
                .check(ALL);
        noClasses()
                .that()
                .resideInAPackage("..web..")
                .should()
                .dependOnClassesThat()
                .areAssignableTo(Repository.class)
                .check(ALL);
    }

    /**
     * A query made of a method's name is worked out anew at each call, five to ten times what asking costs; one that is
     * written out is worked out once.
     */
    @Test
    void everyQueryIsWrittenOut() {
        methods()
                .that()
                .areDeclaredInClassesThat()
                .areAssignableTo(Repository.class)
                .and()
                .haveNameNotStartingWith("delete")
                .should()
                .beAnnotatedWith(Query.class)
                .check(ALL);
    }

    /** A file has one subject: what stands beside it is found by its own name. */
    @Test
    void aFileHasOneTopLevelType() {
        Map<String, List<String>> types = ALL.stream()
                .filter(JavaClass::isTopLevelClass)
                .filter(c -> !c.getSimpleName().equals("package-info"))
                .collect(Collectors.groupingBy(
                        c -> c.getPackageName() + "/"
                                + c.getSource().orElseThrow().getFileName().orElseThrow(),
                        Collectors.mapping(JavaClass::getSimpleName, Collectors.toList())));
        assertThat(types)
                .isNotEmpty()
                .allSatisfy((file, in) -> assertThat(in).as(file).hasSize(1));
    }

    private static boolean onAJob(JavaMethod method) {
        RequestMapping own = AnnotatedElementUtils.findMergedAnnotation(method.reflect(), RequestMapping.class);
        RequestMapping shared =
                AnnotatedElementUtils.findMergedAnnotation(method.getOwner().reflect(), RequestMapping.class);
        return own != null
                && (String.join("", own.path()) + (shared == null ? "" : String.join("", shared.path())))
                        .contains("{job}");
    }
}
