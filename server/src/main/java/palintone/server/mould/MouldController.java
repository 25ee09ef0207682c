package palintone.server.mould;

import jakarta.validation.Valid;
import java.util.Arrays;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import palintone.core.mould.Shape;
import palintone.server.problem.Within;
import palintone.server.web.PageView;
import palintone.server.web.PutAway;

@RestController
@RequestMapping("/api/moulds")
class MouldController {

    private final MouldService moulds;
    private final MouldPhotos photos;

    MouldController(final MouldService moulds, final MouldPhotos photos) {
        this.moulds = moulds;
        this.photos = photos;
    }

    /** Moulds by name, a page at a time. */
    @GetMapping
    PageView<MouldView> moulds(
            @RequestParam(defaultValue = "") final String find,
            @RequestParam(defaultValue = "false") final boolean archived,
            @RequestParam(defaultValue = "0") @Within(low = 0, high = PageView.MOST_PAGES)
                    final int page,
            @RequestParam(defaultValue = "100") @Within(low = 1, high = PageView.MOST_ROWS)
                    final int size) {
        return moulds.list(find, archived, page, size);
    }

    /** A shape and what has to be measured of it. */
    public record ShapeView(Shape shape, String words, List<Shape.Asked> asks) {}

    /** Shapes of cavities, and what each is measured by. */
    @GetMapping("/shapes")
    List<ShapeView> shapes() {
        return Arrays.stream(Shape.values())
                .map(shape -> new ShapeView(shape, shape.words(), shape.asks()))
                .toList();
    }

    /** One mould. */
    @GetMapping("/{id}")
    MouldView mould(@PathVariable final String id) {
        return moulds.view(id);
    }

    /** The photo its outline is drawn over. */
    @GetMapping("/{id}/photo")
    ResponseEntity<byte[]> photo(@PathVariable final String id) {
        final MouldPhotos.Photo photo = photos.of(id);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(photo.type()))
                .body(photo.picture());
    }

    /** Keeps a photo of a mould. */
    @PutMapping(path = "/{id}/photo", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    void keepPhoto(@PathVariable final String id, @RequestBody final byte[] picture) {
        photos.keep(id, picture);
    }

    /** Takes the photo of a mould away. */
    @DeleteMapping("/{id}/photo")
    void removePhoto(@PathVariable final String id) {
        photos.remove(id);
    }

    /** Washed since it was last cast. */
    @PostMapping("/{id}/washed")
    MouldView washed(@PathVariable final String id) {
        return moulds.washed(id);
    }

    /** A mould as it would be: drawn and measured, not kept. */
    @PostMapping("/trial")
    MouldView trial(@Valid @RequestBody final MouldDraft draft) {
        return moulds.trial(draft);
    }

    /** Writes a mould, new or known. */
    @PutMapping("/{id}")
    MouldView change(@PathVariable final String id, @Valid @RequestBody final MouldDraft draft) {
        return moulds.change(id, draft);
    }

    /** Puts a mould away, or brings it back. */
    @PutMapping("/{id}/archived")
    MouldView archive(@PathVariable final String id, @Valid @RequestBody final PutAway wish) {
        return moulds.archive(id, wish.archived(), wish.version());
    }
}
