package org.kestan.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.application.Platform;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** A call every second runs on the application thread, until it is ended. */
public class EverySecondTest {

    @BeforeClass
    public void start() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    private static void count(AtomicInteger calls) {
        assertThat(Platform.isFxApplicationThread()).isTrue();
        calls.incrementAndGet();
    }

    private static void waitForMore(AtomicInteger calls) throws Exception {
        int before = calls.get();
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> calls.get() > before);
    }

    /** The other one continues meanwhile, so two more of its calls mean that the ended one would have run again. */
    @Test
    public void itIsCalledUntilItIsEnded() throws Exception {
        AtomicInteger ended = new AtomicInteger();
        AtomicInteger other = new AtomicInteger();
        EverySecond<AtomicInteger> calls = EverySecond.call(ended, EverySecondTest::count);
        EverySecond<AtomicInteger> others = EverySecond.call(other, EverySecondTest::count);
        waitForMore(ended);
        WaitForAsyncUtils.waitForAsyncFx(20_000, calls::end);
        int before = ended.get();
        waitForMore(other);
        waitForMore(other);
        assertThat(ended.get()).isEqualTo(before).isPositive();
        others.end();
    }
}
