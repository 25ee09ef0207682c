package palintone.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.Random;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

/** A bad file harms nothing: it is refused before it is read whole, and the house goes on. */
class IntakeTest {

    private static final int MB = 1 << 20;

    private final Workshop workshop = Workshop.shared();

    @AfterEach
    void theHouseGoesOn() {
        assertThat(workshop.get("/api/house").status()).isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource({
        "/api/pieces/too-long, application/json, 3, up to 2 MB",
        "/api/house, application/json, 3, up to 2 MB",
        "/api/moulds/half-28/photo, application/octet-stream, 11, up to 10 MB",
    })
    void aBodyIsLimitedSaidHowLongOrNot(
            final String path, final String type, final int mb, final String allowed) {
        final byte[] body = new byte[mb * MB];
        Arrays.fill(body, (byte) ' ');
        for (final Answer answer :
                new Answer[] {
                    workshop.putBytes(path, type, body), workshop.putUnsaid(path, type, body)
                }) {
            assertThat(answer.status()).as(answer.text()).isEqualTo(413);
            assertThat(answer.at("/allowed")).isEqualTo(allowed);
        }
    }

    /** A workbook of 60 kB whose one sheet unfolds to a hundred times that, and on. */
    @Test
    void aWorkbookThatUnfoldsWithoutEndIsRefused() throws IOException {
        final Answer answer = workshop.importBytes("?list=moulds", "bomb.xlsx", bomb(200));
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.at("/allowed")).contains("unfolds to 32 MB");
    }

    private static byte[] bomb(final int megabytes) throws IOException {
        final ByteArrayOutputStream plain = new ByteArrayOutputStream();
        try (XSSFWorkbook book = new XSSFWorkbook()) {
            book.createSheet().createRow(0).createCell(0).setCellValue("name");
            book.write(plain);
        }
        final ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(plain.toByteArray()));
                ZipOutputStream zip = new ZipOutputStream(out)) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                zip.putNextEntry(new ZipEntry(e.getName()));
                if (!e.getName().endsWith("sheet1.xml")) {
                    in.transferTo(zip);
                    continue;
                }
                zip.write(
                        ("<worksheet xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\">"
                                        + "<sheetData><row r=\"1\"><c r=\"A1\" t=\"inlineStr\"><is><t>")
                                .getBytes());
                final byte[] some = new byte[MB];
                Arrays.fill(some, (byte) 'x');
                for (int i = 0; i < megabytes; i++) {
                    zip.write(some);
                }
                zip.write("</t></is></c></row></sheetData></worksheet>".getBytes());
            }
        }
        return out.toByteArray();
    }

    @Test
    void aTableOfMoreRowsThanAnyListIsRefusedWhileItIsRead() {
        final Answer answer =
                workshop.importFiles("moulds.csv", "id,name\n" + "m,Mould\n".repeat(20_001));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.at("/value")).isEqualTo("more than 20000 rows");
    }

    @Test
    void aRefusalDoesNotSendBackABook() {
        final String book = "chocolate ".repeat(100_000);
        final Answer named =
                workshop.put(
                        "/api/house",
                        workshop.get("/api/house")
                                .json()
                                .get("rules")
                                .toString()
                                .replace("\"CELSIUS\"", "\"" + book + "\""));
        assertThat(named.status()).isEqualTo(400);
        assertThat(named.text()).contains("chocolate").hasSizeLessThan(2000);
        final Answer cell = workshop.importFiles("moulds.csv", "id,name,shape\nm,M," + book);
        assertThat(cell.status()).isEqualTo(400);
        assertThat(cell.text()).hasSizeLessThan(3000);
    }

    /** The head of a picture says how large it is; nothing is unfolded to find out. */
    @Test
    void aPictureOfMillionsOfPixelsInAFewBytesIsRefused() {
        final Answer answer =
                workshop.putBytes(
                        "/api/moulds/half-28/photo",
                        "application/octet-stream",
                        pngHead(30_000, 30_000));
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.at("/value")).isEqualTo("30000 × 30000 pixels");
    }

    private static byte[] pngHead(final int across, final int down) {
        final ByteBuffer picture = ByteBuffer.allocate(8 + 25 + 12);
        picture.put(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
        final ByteBuffer head = ByteBuffer.allocate(17);
        head.put(new byte[] {'I', 'H', 'D', 'R'}).putInt(across).putInt(down);
        chunk(picture, head.put(new byte[] {8, 2, 0, 0, 0}).array());
        chunk(picture, new byte[] {'I', 'D', 'A', 'T'});
        return picture.array();
    }

    private static void chunk(final ByteBuffer into, final byte[] named) {
        final CRC32 check = new CRC32();
        check.update(named);
        into.putInt(named.length - 4).put(named).putInt((int) check.getValue());
    }

    @Test
    void aLargePhotoIsKeptAsLargeAsAScreenShowsIt() throws IOException {
        final BufferedImage large = new BufferedImage(5000, 2500, BufferedImage.TYPE_INT_RGB);
        final Random noise = new Random(28);
        for (int x = 0; x < 5000; x += 50) {
            large.setRGB(x, noise.nextInt(2500), 0xffffff);
        }
        final ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(large, "png", out);
        final String path = "/api/moulds/bar-21/photo";
        assertThat(workshop.putBytes(path, "application/octet-stream", out.toByteArray()).status())
                .isEqualTo(200);
        final BufferedImage kept = ImageIO.read(new ByteArrayInputStream(workshop.bytes(path)));
        assertThat(kept.getWidth()).isBetween(1500, 2000);
        assertThat(kept.getHeight() * 2).isBetween(kept.getWidth() - 2, kept.getWidth() + 2);
        workshop.delete(path);
    }
}
