package palintone.schedule;

import palintone.core.plan.Worth;

/** What is wished of a plan, in order: each is kept before the next is asked for. */
public enum Wish {
    ON_TIME {
        @Override
        int of(final Worth worth) {
            return worth.lateMin();
        }
    },
    NO_OVERTIME {
        @Override
        int of(final Worth worth) {
            return worth.overtimeMin();
        }
    },
    FRESH {
        @Override
        int of(final Worth worth) {
            return worth.daysAhead();
        }
    },
    FEW_WASHES {
        @Override
        int of(final Worth worth) {
            return worth.washes();
        }
    },
    SHORT_DAYS {
        @Override
        int of(final Worth worth) {
            return worth.presentMin();
        }
    };

    /** What a plan is worth by this wish; less is better. */
    abstract int of(Worth worth);
}
