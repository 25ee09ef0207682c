package palintone.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.Reader;
import java.io.StringReader;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

/** A few bytes must not fill a disk or a memory. */
class UnpackingTest {

    /** A stream or text without an end. */
    private static InputStream endless() {
        return new InputStream() {
            @Override
            public int read() {
                return 'x';
            }
        };
    }

    @Test
    void stopsAtTwoHundredTimesThePackedSize() {
        final long packedB = 200_000;
        final InputStream part = new Unpacking(packedB).counted(endless());
        assertThatThrownBy(() -> part.transferTo(OutputStream.nullOutputStream()))
                .isInstanceOf(Unpacking.TooMuchException.class)
                .hasMessageContaining("200 times its size");
    }

    @Test
    void countsAllPartsTogether() throws IOException {
        final Unpacking small = new Unpacking(10);
        final byte[] some = new byte[10 << 20];
        small.counted(new ByteArrayInputStream(some)).transferTo(OutputStream.nullOutputStream());
        final InputStream next = small.counted(new ByteArrayInputStream(some));
        assertThatThrownBy(() -> next.transferTo(OutputStream.nullOutputStream()))
                .isInstanceOf(Unpacking.TooMuchException.class);
    }

    @Test
    void aRowThatDoesNotEndIsRefused() {
        final Reader row =
                new Reader() {
                    @Override
                    public int read(final char[] into, final int from, final int length) {
                        Arrays.fill(into, from, from + length, 'x');
                        return length;
                    }

                    @Override
                    public void close() {}
                };
        assertThatThrownBy(() -> Unpacking.line(row))
                .isInstanceOf(Unpacking.TooMuchException.class)
                .hasMessageContaining("16 million");
    }

    @Test
    void rowsComeOneByOne() throws IOException {
        final Reader rows = new StringReader("{\"a\":1}\n\n{\"b\":2}");
        assertThat(Unpacking.line(rows)).isEqualTo("{\"a\":1}");
        assertThat(Unpacking.line(rows)).isEmpty();
        assertThat(Unpacking.line(rows)).isEqualTo("{\"b\":2}");
        assertThat(Unpacking.line(rows)).isNull();
    }
}
