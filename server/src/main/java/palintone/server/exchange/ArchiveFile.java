package palintone.server.exchange;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Enumeration;
import java.util.List;
import java.util.function.IntConsumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import palintone.core.figure.OutOfRangeException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** A house archive as it lies on the disk: its label, and the rows of its tables. */
final class ArchiveFile implements AutoCloseable {

    static final String FORMAT = "palintone-house/1";
    static final String LABEL = "palintone.json";
    static final String FOLDER = "tables/";

    /** Far more tables than any books have. */
    private static final int MOST_FILES = 500;

    private final ZipFile zip;
    private final JsonMapper json;
    private final Label label;
    private final Unpacking unpacking;
    private long readChars;

    /** What an archive says of itself. */
    record Label(String format, String house, String books, Instant madeAt) {}

    private ArchiveFile(final ZipFile zip, final Path file, final JsonMapper json)
            throws IOException {
        this.zip = zip;
        this.json = json;
        if (zip.size() > MOST_FILES) {
            throw noArchive(zip.size() + " files in one");
        }
        unpacking = new Unpacking(file.toFile().length());
        label = read();
    }

    /**
     * @throws OutOfRangeException when it is no archive of ours
     */
    static ArchiveFile open(final Path file, final JsonMapper json) throws IOException {
        ZipFile zip = null;
        try {
            zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8);
            return new ArchiveFile(zip, file, json);
        } catch (ZipException e) {
            throw noArchive("no archive");
        } catch (RuntimeException e) {
            zip.close();
            throw e;
        }
    }

    Label label() {
        return label;
    }

    private Label read() throws IOException {
        final ZipEntry entry = zip.getEntry(LABEL);
        if (entry == null) {
            throw noArchive("a file without " + LABEL);
        }
        try (InputStream in = zip.getInputStream(entry)) {
            final Label said = json.readValue(in.readNBytes(10_000), Label.class);
            if (!FORMAT.equals(said.format())
                    || !String.valueOf(said.books()).matches("\\d{1,9}")) {
                throw noArchive("\"" + said.format() + "\"");
            }
            return said;
        } catch (JacksonException e) {
            throw noArchive("a file with another " + LABEL);
        }
    }

    /**
     * What no table takes would be lost without a word.
     *
     * @throws OutOfRangeException when there is a file for no table of these
     */
    void refuseStrangers(final List<String> tables) {
        final Enumeration<? extends ZipEntry> entries = zip.entries();
        while (entries.hasMoreElements()) {
            final String name = entries.nextElement().getName();
            if (!LABEL.equals(name)
                    && tables.stream().noneMatch(t -> name.equals(FOLDER + t + ".ndjson"))) {
                throw noArchive("a file with \"" + name + "\" in it");
            }
        }
    }

    /** How long its tables are, unpacked, as its directory says. */
    int kilobytes() {
        return (int) (zip.stream().mapToLong(e -> Math.max(0, e.getSize())).sum() / 1000);
    }

    /**
     * Writes the rows of a table into books.
     *
     * @param far told after each row how many kilobytes of the whole are read
     * @throws OutOfRangeException when they are not rows of it
     */
    void rows(final String table, final BookTables into, final IntConsumer far) {
        final ZipEntry entry = zip.getEntry(FOLDER + table + ".ndjson");
        if (entry == null) {
            return;
        }
        try (BufferedReader lines =
                new BufferedReader(
                        new InputStreamReader(
                                unpacking.counted(zip.getInputStream(entry)),
                                StandardCharsets.UTF_8))) {
            into.write(
                    table,
                    () -> {
                        final String line = Unpacking.line(lines);
                        if (line == null || line.isBlank()) {
                            return null;
                        }
                        readChars += line.length() + 1;
                        far.accept((int) (readChars / 1000));
                        return json.readTree(line);
                    });
        } catch (Unpacking.TooMuchException e) {
            throw noArchive(e.getMessage() + " at " + table);
        } catch (JacksonException | IOException e) {
            throw noArchive("damaged at " + table);
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }

    static OutOfRangeException noArchive(final String found) {
        return new OutOfRangeException(
                "archive", found, "a house archive, as Export whole house makes it");
    }
}
