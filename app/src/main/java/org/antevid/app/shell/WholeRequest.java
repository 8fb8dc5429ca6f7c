package org.antevid.app.shell;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.ServletResponse;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.Part;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.URLDecoder;
import java.nio.charset.Charset;
import java.nio.charset.IllegalCharsetNameException;
import java.nio.charset.StandardCharsets;
import java.nio.charset.UnsupportedCharsetException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Enumeration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.catalina.core.ApplicationPart;
import org.apache.tomcat.util.http.fileupload.FileItem;
import org.apache.tomcat.util.http.fileupload.FileUpload;
import org.apache.tomcat.util.http.fileupload.FileUploadException;
import org.apache.tomcat.util.http.fileupload.UploadContext;
import org.apache.tomcat.util.http.fileupload.disk.DiskFileItemFactory;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.UriComponentsBuilder;

/** A request whose body has arrived whole: what comes after it waits for nobody's network. */
final class WholeRequest extends HttpServletRequestWrapper {
    private static final int IN_MEMORY = Integer.MAX_VALUE;
    private static final int MOST_PARTS = 20;
    private final byte[] body;
    private List<Part> parts = List.of();
    private final Map<String, String[]> fields;

    private WholeRequest(HttpServletRequest request, byte[] body, Map<String, String[]> asked) {
        super(request);
        this.body = body;
        this.fields = new LinkedHashMap<>(asked);
    }

    /**
     * @return what was asked for in the address alone: the container would look for more in the body, which has been
     *     read
     */
    static Map<String, String[]> asked(HttpServletRequest request) {
        Map<String, String[]> asked = new LinkedHashMap<>();
        UriComponentsBuilder.newInstance()
                .query(request.getQueryString())
                .build()
                .getQueryParams()
                .forEach((name, values) -> asked.put(
                        decoded(name),
                        values.stream().map(WholeRequest::decoded).toArray(String[]::new)));
        return asked;
    }

    /** @throws FileUploadException for a form with files that is none */
    static WholeRequest of(HttpServletRequest request, byte[] body, Map<String, String[]> asked)
            throws FileUploadException, IOException {
        WholeRequest whole = new WholeRequest(request, body, asked);
        if (isForm(request)) {
            whole.parts = whole.split();
        }
        return whole;
    }

    private static String decoded(String text) {
        try {
            return text == null ? "" : URLDecoder.decode(text, StandardCharsets.UTF_8);
        } catch (IllegalArgumentException e) {
            return text;
        }
    }

    static boolean isForm(HttpServletRequest request) {
        return request.getContentType() != null
                && request.getContentType().toLowerCase(Locale.ROOT).startsWith("multipart/");
    }

    private List<Part> split() throws FileUploadException, IOException {
        FileUpload upload = new FileUpload();
        upload.setFileItemFactory(new DiskFileItemFactory(IN_MEMORY, null));
        upload.setFileCountMax(MOST_PARTS);
        List<Part> found = new ArrayList<>();
        for (FileItem item : upload.parseRequest(new ArrivedBody())) {
            found.add(new ApplicationPart(item, null));
            if (item.isFormField()) {
                fields.put(item.getFieldName(), new String[] {new String(item.get(), StandardCharsets.UTF_8)});
            }
        }
        return List.copyOf(found);
    }

    private final class ArrivedBody implements UploadContext {
        @Override
        public long contentLength() {
            return body.length;
        }

        @Override
        public String getCharacterEncoding() {
            return StandardCharsets.UTF_8.name();
        }

        @Override
        public String getContentType() {
            return WholeRequest.this.getContentType();
        }

        @Override
        public InputStream getInputStream() {
            return new ByteArrayInputStream(body);
        }
    }

    @Override
    public Collection<Part> getParts() {
        return parts;
    }

    @Override
    public @Nullable Part getPart(String name) {
        return parts.stream().filter(p -> p.getName().equals(name)).findFirst().orElse(null);
    }

    @Override
    public Map<String, String[]> getParameterMap() {
        return Collections.unmodifiableMap(fields);
    }

    @Override
    public Enumeration<String> getParameterNames() {
        return Collections.enumeration(fields.keySet());
    }

    @Override
    public String @Nullable [] getParameterValues(String name) {
        return fields.get(name);
    }

    @Override
    public @Nullable String getParameter(String name) {
        String[] values = fields.get(name);
        return values == null || values.length == 0 ? null : values[0];
    }

    @Override
    public int getContentLength() {
        return body.length;
    }

    @Override
    public long getContentLengthLong() {
        return body.length;
    }

    @Override
    public ServletInputStream getInputStream() {
        ByteArrayInputStream in = new ByteArrayInputStream(body);
        return new ServletInputStream() {
            @Override
            public boolean isFinished() {
                return in.available() == 0;
            }

            @Override
            public boolean isReady() {
                return true;
            }

            @Override
            public void setReadListener(ReadListener listener) {
                throw new IllegalStateException("the body has arrived already");
            }

            @Override
            public int read() {
                return in.read();
            }

            @Override
            public int read(byte[] b, int off, int len) {
                return in.read(b, off, len);
            }
        };
    }

    @Override
    public BufferedReader getReader() {
        return new BufferedReader(new InputStreamReader(getInputStream(), charset()));
    }

    private Charset charset() {
        try {
            return getCharacterEncoding() == null ? StandardCharsets.UTF_8 : Charset.forName(getCharacterEncoding());
        } catch (IllegalCharsetNameException | UnsupportedCharsetException e) {
            return StandardCharsets.UTF_8;
        }
    }

    /** To what comes after, this is an ordinary request, though the container has called twice for it. */
    @Override
    public DispatcherType getDispatcherType() {
        return DispatcherType.REQUEST;
    }

    @Override
    public boolean isAsyncStarted() {
        return false;
    }

    @Override
    public boolean isAsyncSupported() {
        return false;
    }

    @Override
    public AsyncContext startAsync() {
        throw new IllegalStateException("a request with a body is answered at once");
    }

    @Override
    public AsyncContext startAsync(ServletRequest request, ServletResponse response) {
        throw new IllegalStateException("a request with a body is answered at once");
    }
}
