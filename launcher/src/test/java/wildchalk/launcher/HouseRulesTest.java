package wildchalk.launcher;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.sun.source.tree.ClassTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.ConditionalExpressionTree;
import com.sun.source.tree.InstanceOfTree;
import com.sun.source.tree.LiteralTree;
import com.sun.source.tree.MethodTree;
import com.sun.source.tree.ParenthesizedTree;
import com.sun.source.tree.Tree;
import com.sun.source.tree.VariableTree;
import com.sun.source.util.DocTrees;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreePath;
import com.sun.source.util.TreePathScanner;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.lang.model.element.Modifier;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** How we write, as far as a program can see it in the sources. */
class HouseRulesTest {

    private static final Path HOUSE = Path.of("..");
    private static final List<String> MODULES = List.of("core", "storage", "handout", "desktop", "launcher", "bench");
    private static final int MOST_LINES = 400;
    private static final int MOST_PARAMETERS = 8;
    /** Of a thousand lines; model code bases have 1 to 3. */
    private static final double MOST_INSTANCEOF = 7;

    /** Two words, or one that is joined to others. */
    private static final Pattern WORDS = Pattern.compile("[A-Za-z]{2,}[,.:;]? [A-Za-z(]|^ [a-z]{2,}|[a-z]{2,}[,:;]? $");
    /** What is said to the database is read by nobody. */
    private static final Pattern SQL = Pattern.compile(
            "^ ?(SELECT|INSERT|DELETE|UPDATE|PRAGMA|VACUUM|ALTER|CREATE|FROM|WHERE|ON CONFLICT|ORDER BY) ");

    private static JavacTask javac;
    private static final List<CompilationUnitTree> MAIN = new ArrayList<>();

    @BeforeAll
    static void parse() throws IOException {
        List<Path> files = new ArrayList<>();
        for (String module : MODULES) {
            files.addAll(sources(HOUSE.resolve(module).resolve("src/main/java")));
        }
        StandardJavaFileManager manager = ToolProvider.getSystemJavaCompiler().getStandardFileManager(null, null, null);
        javac = (JavacTask) ToolProvider.getSystemJavaCompiler()
                .getTask(null, manager, null, List.of("-proc:none"), null, manager.getJavaFileObjectsFromPaths(files));
        javac.parse().forEach(MAIN::add);
        assertTrue(MAIN.size() > 400, () -> "the sources were seen: " + MAIN.size());
    }

    private static List<Path> sources(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(f -> f.toString().endsWith(".java")).sorted().toList();
        }
    }

    private static String name(CompilationUnitTree file) {
        return HOUSE.toAbsolutePath()
                .normalize()
                .relativize(Path.of(file.getSourceFile().toUri()).normalize())
                .toString();
    }

    private static String place(CompilationUnitTree file, Tree at) {
        long start = DocTrees.instance(javac).getSourcePositions().getStartPosition(file, at);
        return name(file) + ":" + file.getLineMap().getLineNumber(start);
    }

    private static long lines(CompilationUnitTree file) {
        try {
            return file.getSourceFile()
                    .getCharContent(true)
                    .chars()
                    .filter(c -> c == '\n')
                    .count();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void noClassWantsToBeTwoThings() {
        assertEquals(
                List.of(),
                MAIN.stream()
                        .filter(f -> lines(f) > MOST_LINES)
                        .map(f -> name(f) + " " + lines(f))
                        .toList());
    }

    @Test
    void nothingIsMadeOfMoreThanEightParts() {
        List<String> found = new ArrayList<>();
        MAIN.forEach(file -> new TreePathScanner<Void, Void>() {
            @Override
            public Void visitMethod(MethodTree method, Void nothing) {
                if (method.getName().contentEquals("<init>")
                        && method.getParameters().size() > MOST_PARAMETERS) {
                    found.add(place(file, method));
                }
                return super.visitMethod(method, null);
            }

            @Override
            public Void visitClass(ClassTree type, Void nothing) {
                // The parts of a record are its first members, fields that nobody else could have written so.
                long parts = type.getKind() != Tree.Kind.RECORD
                        ? 0
                        : type.getMembers().stream()
                                .filter(m -> m instanceof VariableTree part
                                        && !part.getModifiers().getFlags().contains(Modifier.STATIC))
                                .count();
                if (parts > MOST_PARAMETERS) {
                    found.add(place(file, type));
                }
                return super.visitClass(type, null);
            }
        }.scan(file, null));
        assertEquals(List.of(), found);
    }

    @Test
    void aChoiceIsNotHiddenInAChoice() {
        List<String> found = new ArrayList<>();
        MAIN.forEach(file -> new TreePathScanner<Void, Void>() {
            @Override
            public Void visitConditionalExpression(ConditionalExpressionTree choice, Void nothing) {
                if (isChoice(choice.getTrueExpression()) || isChoice(choice.getFalseExpression())) {
                    found.add(place(file, choice));
                }
                return super.visitConditionalExpression(choice, null);
            }
        }.scan(file, null));
        assertEquals(List.of(), found);
    }

    private static boolean isChoice(Tree tree) {
        Tree inner = tree;
        while (inner instanceof ParenthesizedTree round) {
            inner = round.getExpression();
        }
        return inner instanceof ConditionalExpressionTree;
    }

    @Test
    void fewAskWhatKindSomethingIs() {
        List<String> found = new ArrayList<>();
        MAIN.forEach(file -> new TreePathScanner<Void, Void>() {
            @Override
            public Void visitInstanceOf(InstanceOfTree asked, Void nothing) {
                found.add(place(file, asked));
                return super.visitInstanceOf(asked, null);
            }
        }.scan(file, null));
        long lines = MAIN.stream().mapToLong(HouseRulesTest::lines).sum();
        double share = 1000.0 * found.size() / lines;
        assertTrue(found.size() > 50, "they were seen at all");
        assertTrue(share <= MOST_INSTANCEOF, () -> found.size() + " in " + lines + " lines");
    }

    @Test
    void everyRoomSaysWhatLivesThere() {
        Set<Path> described = MAIN.stream()
                .map(f -> Path.of(f.getSourceFile().toUri()))
                .filter(f -> f.endsWith("package-info.java"))
                .map(Path::getParent)
                .collect(Collectors.toSet());
        assertEquals(
                Set.of(),
                MAIN.stream()
                        .map(f -> Path.of(f.getSourceFile().toUri()).getParent())
                        .filter(f -> !described.contains(f))
                        .collect(Collectors.toSet()));
    }

    @Test
    void whatCoreAndStorageOfferIsDescribed() {
        List<String> found = new ArrayList<>();
        MAIN.stream()
                .filter(f -> name(f).startsWith("core") || name(f).startsWith("storage"))
                .forEach(f -> f.getTypeDecls()
                        .forEach(t -> undescribed(new TreePath(new TreePath(f), t), (ClassTree) t, true, found)));
        assertEquals(List.of(), found);
    }

    private static void undescribed(TreePath path, ClassTree type, boolean seen, List<String> found) {
        Tree outer = path.getParentPath().getLeaf();
        boolean open = seen && (isPublic(type.getModifiers().getFlags()) || outer.getKind() == Tree.Kind.INTERFACE);
        for (Tree member : type.getMembers()) {
            TreePath at = new TreePath(path, member);
            if (member instanceof ClassTree inner) {
                undescribed(at, inner, open, found);
            } else if (open
                    && member instanceof MethodTree method
                    && offers(type, method)
                    && DocTrees.instance(javac).getDocComment(at) == null) {
                found.add(place(at.getCompilationUnit(), method) + " " + method.getName());
            }
        }
    }

    private static boolean offers(ClassTree type, MethodTree method) {
        Set<Modifier> flags = method.getModifiers().getFlags();
        boolean open = isPublic(flags) || type.getKind() == Tree.Kind.INTERFACE && !flags.contains(Modifier.PRIVATE);
        boolean said = method.getModifiers().getAnnotations().stream()
                .anyMatch(a -> a.getAnnotationType().toString().equals("Override"));
        // What a record is made of stands in its own description.
        boolean parts = type.getKind() == Tree.Kind.RECORD && method.getName().contentEquals("<init>");
        return open && !said && !parts;
    }

    private static boolean isPublic(Set<Modifier> flags) {
        return flags.contains(Modifier.PUBLIC);
    }

    /**
     * What people read stands in files of words, with their plurals and their order. What stood in code before that was
     * the rule is counted, package by package, and may only become less.
     */
    @Test
    void noMoreWordsStandInCode() throws IOException {
        Properties before = new Properties();
        try (InputStream file = HouseRulesTest.class.getResourceAsStream("words-in-code.properties")) {
            before.load(file);
        }
        Map<String, Integer> now = new TreeMap<>();
        MAIN.stream()
                .filter(f -> !name(f).startsWith("bench"))
                .forEach(file -> new TreePathScanner<Void, Void>() {
                    @Override
                    public Void visitLiteral(LiteralTree literal, Void nothing) {
                        if (literal.getValue() instanceof String text
                                && WORDS.matcher(text).find()
                                && !SQL.matcher(text).find()) {
                            now.merge(String.valueOf(file.getPackageName()), 1, Integer::sum);
                        }
                        return super.visitLiteral(literal, null);
                    }
                }.scan(file, null));
        Set<String> all = new TreeSet<>(now.keySet());
        all.addAll(before.stringPropertyNames());
        List<String> found = all.stream()
                .filter(p -> now.getOrDefault(p, 0) != Integer.parseInt(before.getProperty(p, "0")))
                .map(p -> p + "=" + now.getOrDefault(p, 0) + ", before " + before.getProperty(p, "0"))
                .toList();
        assertEquals(List.of(), found, "more is not allowed; where there are fewer now, say so in the file");
    }
}
