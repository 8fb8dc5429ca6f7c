package org.antevid.app.shell;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.antevid.app.problem.Problems;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * What the container refuses before anything of ours is asked comes as problem details too; what a client sent wrong is
 * never called our fault.
 */
@Component
class PlainRefusals implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(c -> {
            if (c.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(PlainReport.class.getName());
            }
        });
    }

    /** Made by the container, by its name. */
    public static final class PlainReport extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, Throwable throwable) {
            boolean written = response.getContentWritten() > 0 || !response.setErrorReported();
            if (response.getStatus() < HttpServletResponse.SC_BAD_REQUEST || written) {
                return;
            }
            int status = response.getStatus() == HttpServletResponse.SC_NOT_IMPLEMENTED
                    ? HttpServletResponse.SC_BAD_REQUEST
                    : response.getStatus();
            try {
                Problems.write(response, status, "The request is not written as HTTP asks for it.");
                response.finishResponse();
            } catch (IOException e) {
                container.getLogger().debug("nobody is there to be told", e);
            }
        }
    }
}
