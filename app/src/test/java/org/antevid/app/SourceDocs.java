package org.antevid.app;

import com.sun.source.doctree.DocCommentTree;
import com.sun.source.doctree.DocTree;
import com.sun.source.doctree.ParamTree;
import com.sun.source.doctree.ReturnTree;
import com.sun.source.tree.ClassTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.MethodTree;
import com.sun.source.tree.Tree;
import com.sun.source.util.DocTrees;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreePath;
import com.sun.source.util.TreePathScanner;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;

/**
 * What the Javadoc in the sources says, for the description of the interface: of types by their name, of components as
 * {@code Type#component}, of methods as {@code Type#method}. Types nested in others stand with a dot between.
 */
final class SourceDocs {
    private final Map<String, String> texts = new HashMap<>();

    static SourceDocs of(Path... roots) {
        SourceDocs docs = new SourceDocs();
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null)) {
            List<Path> sources = Stream.of(roots)
                    .flatMap(SourceDocs::files)
                    .filter(p -> p.toString().endsWith(".java"))
                    .toList();
            JavacTask task = (JavacTask) compiler.getTask(
                    null, files, d -> {}, List.of("-proc:none"), null, files.getJavaFileObjectsFromPaths(sources));
            DocTrees trees = DocTrees.instance(task);
            for (CompilationUnitTree unit : task.parse()) {
                docs.read(unit, trees);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return docs;
    }

    private static Stream<Path> files(Path root) {
        try (Stream<Path> all = Files.walk(root)) {
            return all.filter(Files::isRegularFile).toList().stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    Optional<String> of(Class<?> type) {
        return Optional.ofNullable(texts.get(type.getCanonicalName()));
    }

    Optional<String> of(Class<?> type, String member) {
        return Optional.ofNullable(texts.get(type.getCanonicalName() + "#" + member));
    }

    private void read(CompilationUnitTree unit, DocTrees trees) {
        String room = String.valueOf(unit.getPackageName());
        new TreePathScanner<Void, String>() {
            @Override
            public Void visitClass(ClassTree type, String outer) {
                String name = outer + "." + type.getSimpleName();
                comment(getCurrentPath(), trees).ifPresent(c -> {
                    put(name, text(c.getFullBody()));
                    params(name, c);
                });
                for (Tree member : type.getMembers()) {
                    scan(member, name);
                }
                return null;
            }

            @Override
            public Void visitMethod(MethodTree method, String outer) {
                comment(getCurrentPath(), trees).ifPresent(c -> {
                    String body = text(c.getFullBody());
                    String answers = c.getBlockTags().stream()
                            .filter(ReturnTree.class::isInstance)
                            .map(t -> "Answers " + text(((ReturnTree) t).getDescription()))
                            .collect(Collectors.joining());
                    put(outer + "#" + method.getName(), body.isEmpty() ? answers : body);
                });
                return null;
            }
        }.scan(new TreePath(unit), room);
    }

    private void params(String type, DocCommentTree c) {
        c.getBlockTags().stream()
                .filter(ParamTree.class::isInstance)
                .map(ParamTree.class::cast)
                .forEach(p -> put(type + "#" + p.getName().getName(), text(p.getDescription())));
    }

    private static Optional<DocCommentTree> comment(TreePath path, DocTrees trees) {
        return Optional.ofNullable(trees.getDocCommentTree(path));
    }

    private void put(String key, String text) {
        if (!text.isBlank()) {
            texts.put(key, text);
        }
    }

    private static String text(List<? extends DocTree> parts) {
        return parts.stream()
                .map(String::valueOf)
                .collect(Collectors.joining())
                .replaceAll("\\{@(?:code|link|value) #?([^}]*)}", "$1")
                .replaceAll("\\s+", " ")
                .strip();
    }
}
