package palintone.server.mould;

import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import palintone.server.web.PageView;

@RestController
@RequestMapping("/api/moulds")
class MouldController {

    private final MouldRepository moulds;

    MouldController(final MouldRepository moulds) {
        this.moulds = moulds;
    }

    @GetMapping
    @Transactional(readOnly = true)
    public PageView<MouldView> moulds(
            @RequestParam(defaultValue = "0") final int page,
            @RequestParam(defaultValue = "100") final int size) {
        return PageView.of(
                moulds.findAllByOrderByName(PageView.request(page, size)), MouldView::of);
    }
}
