package palintone.server.mould;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.server.problem.NotHereException;

/**
 * Keeps photos of moulds. What comes in is decoded and written anew: so what is kept is a picture,
 * and says nothing of where and by whom it was taken.
 */
@Service
class MouldPhotos {

    /** On its longer side, so that unfolding one does not fill the memory. */
    private static final int MOST_PIXELS = 6000;

    /** Of its longer side as it is kept: more than a screen shows of a mould. */
    private static final int KEPT_PIXELS = 2000;

    private static final String ALLOWED = "a JPEG or PNG picture";

    private final MouldPhotoRepository photos;
    private final MouldRepository moulds;

    MouldPhotos(final MouldPhotoRepository photos, final MouldRepository moulds) {
        this.photos = photos;
        this.moulds = moulds;
    }

    /** A picture and what it is. */
    record Photo(String type, byte[] picture) {}

    /**
     * @throws OutOfRangeException when it is no picture, or too large
     */
    @Transactional
    public void keep(final String mould, final byte[] bytes) {
        final MouldEntity entity = byId(mould);
        final MouldPhotoEntity photo =
                photos.findById(mould).orElseGet(() -> new MouldPhotoEntity(mould));
        photo.take("image/jpeg", asJpeg(bytes));
        photos.save(photo);
        entity.photo(true);
    }

    @Transactional(readOnly = true)
    public Photo of(final String mould) {
        return photos.findById(mould)
                .map(photo -> new Photo(photo.type(), photo.picture()))
                .orElseThrow(() -> new NotHereException("photo of mould", mould));
    }

    @Transactional
    public void remove(final String mould) {
        byId(mould).photo(false);
        photos.deleteById(mould);
    }

    private MouldEntity byId(final String mould) {
        return moulds.findById(Require.text("mould", mould, 64))
                .orElseThrow(() -> new NotHereException("mould", mould));
    }

    private static byte[] asJpeg(final byte[] bytes) {
        try (ImageInputStream in =
                ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            final Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new OutOfRangeException("photo", "no picture", ALLOWED);
            }
            final ImageReader reader = readers.next();
            reader.setInput(in);
            final int across = reader.getWidth(0);
            final int down = reader.getHeight(0);
            if (Math.max(across, down) > MOST_PIXELS) {
                throw new OutOfRangeException(
                        "photo",
                        across + " × " + down + " pixels",
                        "up to " + MOST_PIXELS + " on its longer side");
            }
            // Only every so many-th pixel is unfolded: a picture of a few kB can have millions.
            final ImageReadParam smaller = reader.getDefaultReadParam();
            final int every = (Math.max(across, down) + KEPT_PIXELS - 1) / KEPT_PIXELS;
            smaller.setSourceSubsampling(every, every, 0, 0);
            final BufferedImage read = reader.read(0, smaller);
            final BufferedImage plain =
                    new BufferedImage(
                            read.getWidth(), read.getHeight(), BufferedImage.TYPE_INT_RGB);
            plain.createGraphics().drawImage(read, 0, 0, java.awt.Color.WHITE, null);
            final ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(plain, "jpeg", out);
            return out.toByteArray();
        } catch (OutOfRangeException saidAlready) {
            throw saidAlready;
        } catch (IOException | IllegalArgumentException e) {
            throw new OutOfRangeException("photo", "not readable", ALLOWED);
        }
    }
}
