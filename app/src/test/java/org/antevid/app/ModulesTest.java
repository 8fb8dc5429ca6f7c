package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.stream.StreamSupport;
import org.antevid.app.job.Needs;
import org.junit.jupiter.api.Test;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.modulith.core.ApplicationModules;
import org.springframework.web.bind.annotation.RequestMapping;

class ModulesTest {
    @Test
    void modulesHaveNoCyclesAndKeepTheirInsides() {
        ApplicationModules.of(Antevid.class).verify();
    }

    @Test
    void everyCallOnAJobNamesTheRightItNeeds() {
        JavaClasses classes = new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("org.antevid.app");
        List<JavaMethod> onJobs = StreamSupport.stream(classes.spliterator(), false)
                .flatMap(c -> c.getMethods().stream())
                .filter(ModulesTest::onAJob)
                .toList();
        assertThat(onJobs).hasSizeGreaterThan(30);
        assertThat(onJobs).allSatisfy(m -> assertThat(m.isAnnotatedWith(Needs.class))
                .as(m.getFullName())
                .isTrue());
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
