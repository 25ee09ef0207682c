package palintone.server.exchange;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.Reader;

/**
 * What a packed file may unfold to. A few bytes can be made to fill a disk; an honest file does not
 * come near these limits.
 */
final class Unpacking {

    /** How many times its packed size a file may unfold to; texts of readings reach 40. */
    private static final long MOST_TIMES = 200;

    /** Bytes that are let pass whatever they were packed into. */
    private static final long ALWAYS_B = 16L << 20;

    /** Characters of one row; the largest holds a photo of 10 MB in base 64. */
    private static final int LONGEST_ROW = 16 << 20;

    private final long mostB;
    private long unpackedB;

    /**
     * @param packedB size of the file, bytes
     */
    Unpacking(final long packedB) {
        mostB = Math.max(ALWAYS_B, packedB * MOST_TIMES);
    }

    /** A file that unfolds to more than anything honest does. */
    static final class TooMuchException extends IOException {

        private static final long serialVersionUID = 1;

        TooMuchException(final String what) {
            super(what);
        }
    }

    /** A part of the file; all parts together stay under the limit. */
    InputStream counted(final InputStream part) {
        return new FilterInputStream(part) {
            @Override
            public int read() throws IOException {
                final int one = super.read();
                count(one < 0 ? 0 : 1);
                return one;
            }

            @Override
            public int read(final byte[] into, final int from, final int length)
                    throws IOException {
                final int n = super.read(into, from, length);
                count(Math.max(0, n));
                return n;
            }
        };
    }

    private void count(final int bytes) throws TooMuchException {
        unpackedB += bytes;
        if (unpackedB > mostB) {
            throw new TooMuchException("more than " + MOST_TIMES + " times its size");
        }
    }

    /**
     * The next line, without its end; null when there are no more.
     *
     * @throws TooMuchException when it is longer than any row
     */
    static String line(final Reader from) throws IOException {
        final StringBuilder line = new StringBuilder();
        int c = from.read();
        if (c < 0) {
            return null;
        }
        for (; c >= 0 && c != '\n'; c = from.read()) {
            if (line.length() == LONGEST_ROW) {
                throw new TooMuchException("a row of more than 16 million characters");
            }
            line.append((char) c);
        }
        return line.toString();
    }
}
