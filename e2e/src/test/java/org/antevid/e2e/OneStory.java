package org.antevid.e2e;

import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.TestExecutionExceptionHandler;

/** Chapters of a story build on each other: after one has failed, the rest are skipped and do not hide the cause. */
public final class OneStory implements BeforeEachCallback, TestExecutionExceptionHandler {
    private String brokenIn = "";

    @Override
    public void beforeEach(ExtensionContext context) {
        Assumptions.assumeTrue(brokenIn.isEmpty(), "the story broke off in: " + brokenIn);
    }

    @Override
    public void handleTestExecutionException(ExtensionContext context, Throwable thrown) throws Throwable {
        brokenIn = context.getDisplayName();
        throw thrown;
    }
}
