package palintone.server.words;

import com.sun.source.tree.AnnotationTree;
import com.sun.source.tree.BinaryTree;
import com.sun.source.tree.ClassTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.ConditionalExpressionTree;
import com.sun.source.tree.ExpressionTree;
import com.sun.source.tree.LiteralTree;
import com.sun.source.tree.MemberSelectTree;
import com.sun.source.tree.MethodInvocationTree;
import com.sun.source.tree.MethodTree;
import com.sun.source.tree.NewClassTree;
import com.sun.source.tree.ParenthesizedTree;
import com.sun.source.tree.Tree;
import com.sun.source.tree.VariableTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreePath;
import com.sun.source.util.TreePathScanner;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;

/**
 * The texts core and server say to a maker, read from their sources: templates of sentences, names
 * of figures, reasons of refusals. Where code puts a word in, {@code {1}} stands, {@code {2}} for
 * the next. Reads a few too many rather than one too few: a text nobody shows does no harm.
 */
final class SpokenTexts {

    /** Rooms that read files, ask the database or guard the door; what they refuse is kept. */
    private static final Pattern SILENT_ROOM =
            Pattern.compile("/(web|find|device|words|read)/|BookTables|RestsOn|Verbs|KitchenUnit");

    /** Calls whose words nobody reads on a screen. */
    private static final Pattern SILENT_CALL =
            Pattern.compile(
                    "LOG\\..*|jdbc\\..*|.*createNativeQuery|sql\\.append|Pattern\\.compile"
                            + "|.*getProperty|verbs\\.put|.*\\.header|Set\\.of|.*String\\.format"
                            + "|.*\\.replace(All|First)?|.*\\.(get|has|path|remove|startsWith)");

    private static final Pattern SILENT_CLASS =
            Pattern.compile("Illegal(State|Argument)Exception|Uncheck\\w+|\\w*Builder|\\w*Pattern");

    /** Single words are texts where these are given them. */
    private static final Pattern NAMING_CALL =
            Pattern.compile(
                    "Figure\\.of|.*\\.with|.*\\.read|Require\\.\\w+|given|.*\\.inside|.*\\.part"
                            + "|listed|StaleVersionException\\.check|castable|.*\\.field");

    private static final Pattern NAMING_CLASS =
            Pattern.compile("\\w+Exception|Figure|Material|(Section\\.)?Region");

    private static final Pattern NAMING_METHOD =
            Pattern.compile("words|name|act|title|says|verdict\\w*|symbol|basis|thing");

    private static final Pattern TECHNICAL =
            Pattern.compile(
                    "(?s)(select|insert|update|delete) .*|.*\\(\\?.*|[\\w./-]+\\.\\w{2,5}|.*:\\[.*"
                            + "|[a-z]+[A-Z]\\w*|[A-Z_]{2,}|\\w+_\\w+|.*\\\\.*|--.*|[A-Z]\\w+/.*");

    private final Set<String> found = new TreeSet<>();

    /** All texts below these folders of sources, in order of the alphabet. */
    static Set<String> below(final Path... sources) throws IOException {
        final List<Path> files = new ArrayList<>();
        for (final Path source : sources) {
            try (Stream<Path> all = Files.walk(source)) {
                all.filter(file -> file.toString().endsWith(".java"))
                        .filter(file -> !SILENT_ROOM.matcher(file.toString()).find())
                        .forEach(files::add);
            }
        }
        final SpokenTexts texts = new SpokenTexts();
        final var compiler = ToolProvider.getSystemJavaCompiler();
        try (StandardJavaFileManager manager = compiler.getStandardFileManager(null, null, null)) {
            final JavacTask task =
                    (JavacTask)
                            compiler.getTask(
                                    null,
                                    manager,
                                    fault -> {},
                                    List.of("-proc:none"),
                                    null,
                                    manager.getJavaFileObjectsFromPaths(files));
            for (final CompilationUnitTree unit : task.parse()) {
                texts.new Reader(String.valueOf(unit.getSourceFile().getCharContent(true)))
                        .scan(unit, null);
            }
        }
        return texts.found;
    }

    private final class Reader extends TreePathScanner<Void, Void> {

        private final String source;

        private Reader(final String source) {
            this.source = source;
        }

        @Override
        public Void visitAnnotation(final AnnotationTree node, final Void nothing) {
            return null;
        }

        @Override
        public Void visitMethod(final MethodTree node, final Void nothing) {
            return node.getName().contentEquals("toString")
                    ? null
                    : super.visitMethod(node, nothing);
        }

        @Override
        public Void visitBinary(final BinaryTree node, final Void nothing) {
            if (node.getKind() == Tree.Kind.PLUS) {
                final List<String> ways = ways(node, new int[1]);
                if (ways.stream().anyMatch(way -> way.matches("(?s).*[a-zA-Z].*"))) {
                    ways.forEach(this::take);
                    inside(node);
                    return null;
                }
            }
            return super.visitBinary(node, nothing);
        }

        @Override
        public Void visitLiteral(final LiteralTree node, final Void nothing) {
            if (node.getValue() instanceof String text) {
                take(text);
            }
            return null;
        }

        /** Texts within what is put in. */
        private void inside(final ExpressionTree node) {
            if (node instanceof BinaryTree both && node.getKind() == Tree.Kind.PLUS) {
                inside(both.getLeftOperand());
                inside(both.getRightOperand());
            } else if (node instanceof ParenthesizedTree held) {
                inside(held.getExpression());
            } else if (!(node instanceof LiteralTree)) {
                scan(node, null);
            }
        }

        /** What an expression may say: one text, or one for each arm of a choice. */
        private List<String> ways(final ExpressionTree node, final int[] places) {
            if (node instanceof LiteralTree literal && literal.getValue() instanceof String text) {
                return List.of(text);
            }
            if (node instanceof ParenthesizedTree held) {
                return ways(held.getExpression(), places);
            }
            if (node instanceof BinaryTree both && node.getKind() == Tree.Kind.PLUS) {
                final List<String> left = ways(both.getLeftOperand(), places);
                final List<String> right = ways(both.getRightOperand(), places);
                return left.stream()
                        .flatMap(first -> right.stream().map(next -> first + next))
                        .toList();
            }
            if (node instanceof ConditionalExpressionTree choice
                    && (text(choice.getTrueExpression()) || text(choice.getFalseExpression()))) {
                return Stream.concat(
                                ways(choice.getTrueExpression(), places).stream(),
                                ways(choice.getFalseExpression(), places).stream())
                        .toList();
            }
            return List.of("{" + ++places[0] + "}");
        }

        private boolean text(final ExpressionTree node) {
            return node instanceof LiteralTree literal && literal.getValue() instanceof String
                    || node instanceof ParenthesizedTree held && text(held.getExpression())
                    || node instanceof BinaryTree both
                            && (text(both.getLeftOperand()) || text(both.getRightOperand()));
        }

        private void take(final String raw) {
            final String text = raw.strip();
            if (text.replaceAll("\\{\\w+\\}", "").matches("(?s).*[A-Za-z]{2}.*")
                    && !TECHNICAL.matcher(text).matches()
                    && !text.contains("\n")
                    && spoken(text)) {
                found.add(text);
            }
        }

        private boolean spoken(final String text) {
            final boolean sentence = text.contains(" ");
            boolean near = true;
            for (TreePath at = getCurrentPath(); at != null; at = at.getParentPath()) {
                final Tree leaf = at.getLeaf();
                if (leaf instanceof MethodInvocationTree call) {
                    final String name = name(call);
                    if (SILENT_CALL.matcher(name).matches()) {
                        return false;
                    }
                    if (near && NAMING_CALL.matcher(name).matches()) {
                        return sentence || !place(text);
                    }
                    near = near && sentence;
                } else if (leaf instanceof NewClassTree made) {
                    final String name = made.getIdentifier().toString();
                    if (SILENT_CLASS.matcher(name).matches()) {
                        return false;
                    }
                    if (near && NAMING_CLASS.matcher(name).matches()) {
                        return true;
                    }
                } else if (leaf instanceof VariableTree variable) {
                    return sentence || constantOfAnEnum(at, variable);
                } else if (leaf instanceof MethodTree method) {
                    return sentence || near && NAMING_METHOD.matcher(method.getName()).matches();
                } else if (leaf instanceof ClassTree) {
                    return sentence;
                }
            }
            return sentence;
        }

        /** A word in braces somewhere in the file is a place in a sentence, not a text. */
        private boolean place(final String word) {
            return source.contains("{" + word + "}");
        }

        private boolean constantOfAnEnum(final TreePath at, final VariableTree variable) {
            return at.getParentPath().getLeaf().getKind() == Tree.Kind.ENUM
                    && variable.getName().toString().matches("[A-Z0-9_]+");
        }

        private String name(final MethodInvocationTree call) {
            return call.getMethodSelect() instanceof MemberSelectTree select
                    ? (select.getExpression() instanceof MethodInvocationTree
                                    ? "…"
                                    : select.getExpression().toString())
                            + "."
                            + select.getIdentifier()
                    : call.getMethodSelect().toString();
        }
    }
}
