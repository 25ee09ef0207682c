-- A bite behind a barrier no piece has was refused in words, and yet written: its piece could not
-- say any more how long its layers keep. It was told as refused, so it goes.
delete from crunch_check where barrier_mm < 0 or barrier_mm > 5;
