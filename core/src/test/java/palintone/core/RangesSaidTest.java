package palintone.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * What a public method or constructor checks stands above it, in the same numbers. A range that is
 * changed in the body and not in the words fails here.
 */
class RangesSaidTest {

    private static final Pattern CALL = Pattern.compile("Require\\s*\\.(between|positive)\\(");
    private static final Pattern NUMBER =
            Pattern.compile("(?<![\\w.])-?\\d+(?:\\.\\d+)?(?:e-?\\d+)?");
    private static final Pattern LITERAL = Pattern.compile("-?[\\d_.]+(?:e-?\\d+)?");
    private static final Pattern CONSTANT =
            Pattern.compile("static final (?:double|int) (\\w+) = (-?[\\d_.]+(?:e-?\\d+)?);");
    private static final Pattern TYPE =
            Pattern.compile(
                    "\\s*(?:public |private |protected |static |final |sealed |abstract )*"
                            + "(?:record|class|enum|interface) \\w+.*");
    private static final Pattern MEMBER =
            Pattern.compile(
                    "( {4}| {8}| {12})((?:(?:public|private|protected|static|final|abstract) )*)"
                            + "((?:<[^>]*> )?[\\w<>\\[\\], .?]*?)(\\w+)\\s*(\\(|\\{)(?:.*[({,])?");
    private static final Pattern STATEMENT =
            Pattern.compile(
                    "\\s*(return|if|for|while|switch|else|try|throw|case|new|this|super|do|catch)\\b.*");

    private final Set<String> unsaid = new TreeSet<>();
    private int looked;

    @Test
    void whatIsCheckedIsSaidAboveIt() throws IOException {
        final List<Path> files;
        try (Stream<Path> all = Files.walk(Path.of("src/main/java"))) {
            files = all.filter(p -> p.toString().endsWith(".java")).toList();
        }
        for (final Path file : files) {
            look(file);
        }
        assertThat(looked).isGreaterThan(300);
        assertThat(unsaid).isEmpty();
    }

    private void look(final Path file) throws IOException {
        final String text = Files.readString(file);
        final List<String> lines = text.lines().toList();
        final Map<String, String> constants =
                CONSTANT.matcher(text)
                        .results()
                        .collect(Collectors.toMap(m -> m.group(1), m -> m.group(2), (a, b) -> a));
        final Matcher call = CALL.matcher(text);
        while (call.find()) {
            final int line = (int) text.substring(0, call.start()).lines().count() - 1;
            final int member = member(lines, line);
            if (member < 0 || !lines.get(member).contains("public ")) {
                continue;
            }
            final List<String> given = arguments(text, call.end());
            final List<Double> ends = new ArrayList<>();
            final List<String> words =
                    call.group(1).equals("between") ? given.subList(2, 4) : given.subList(2, 3);
            words.stream()
                    .map(each -> constants.getOrDefault(each, each))
                    .filter(each -> LITERAL.matcher(each).matches())
                    .forEach(each -> ends.add(Double.parseDouble(each.replace("_", ""))));
            if (ends.size() < words.size()) {
                continue;
            }
            looked++;
            final String said = said(lines, member);
            final Set<Double> numbers = numbers(said);
            for (final double end : ends) {
                final boolean open = end == 0 && said.matches("(?s).*(above 0|or more).*");
                if (!numbers.contains(end) && !open) {
                    unsaid.add(file.getFileName() + ":" + (line + 1) + " " + given);
                }
            }
        }
    }

    /** The line of the method or constructor that a line stands in; below 0 where it is none. */
    private static int member(final List<String> lines, final int line) {
        final int deep = indent(lines.get(line));
        for (int i = line; i >= 0; i--) {
            final String at = lines.get(i);
            if (TYPE.matcher(at).matches()) {
                return -1;
            }
            final Matcher member = MEMBER.matcher(at);
            if (member.matches()
                    && member.group(1).length() < deep
                    && !STATEMENT.matcher(at).matches()
                    && !at.contains("->")
                    && !at.split("\\(")[0].contains("=")
                    && (!member.group(2).isEmpty()
                            || member.group(5).equals("(") && !member.group(3).isBlank())) {
                return i;
            }
        }
        return -1;
    }

    /** What stands above a member, and above its type where it is made by it. */
    private static String said(final List<String> lines, final int member) {
        final StringBuilder said = new StringBuilder(above(lines, member));
        final Matcher name = Pattern.compile(".*?(\\w+)\\s*[({].*").matcher(lines.get(member));
        if (name.matches() && Character.isUpperCase(name.group(1).charAt(0))) {
            for (int i = member; i >= 0; i--) {
                if (TYPE.matcher(lines.get(i)).matches()
                        && lines.get(i).matches(".*\\b" + name.group(1) + "\\b.*")) {
                    said.append(above(lines, i));
                    break;
                }
            }
        }
        return said.toString();
    }

    private static String above(final List<String> lines, final int line) {
        int end = line - 1;
        while (end >= 0 && lines.get(end).strip().startsWith("@")) {
            end--;
        }
        if (end < 0 || !lines.get(end).strip().endsWith("*/")) {
            return "";
        }
        int begin = end;
        while (!lines.get(begin).contains("/**")) {
            begin--;
        }
        return String.join("\n", lines.subList(begin, end + 1));
    }

    private static Set<Double> numbers(final String said) {
        final String plain =
                said.replace('\u2212', '-')
                        .replaceAll("\\n\\s*\\*\\s*", " ")
                        .replaceAll("(?<=\\d)[ \\u00a0\\u202f](?=\\d{3}\\b)", "");
        final Set<Double> numbers = new HashSet<>();
        NUMBER.matcher(plain).results().forEach(m -> numbers.add(Double.parseDouble(m.group())));
        return numbers;
    }

    private static int indent(final String line) {
        return line.length() - line.stripLeading().length();
    }

    private static List<String> arguments(final String text, final int from) {
        final List<String> parts = new ArrayList<>();
        final StringBuilder part = new StringBuilder();
        int deep = 1;
        boolean quoted = false;
        for (int i = from; deep > 0; i++) {
            final char c = text.charAt(i);
            quoted ^= c == '"';
            deep += quoted ? 0 : c == '(' ? 1 : c == ')' ? -1 : 0;
            if (c == ',' && deep == 1 && !quoted || deep == 0) {
                parts.add(part.toString().strip());
                part.setLength(0);
            } else {
                part.append(c);
            }
        }
        return parts;
    }
}
