package org.goldentally.app.load;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.List;
import org.goldentally.app.load.Turns.Turn;
import org.goldentally.core.work.Work;
import org.goldentally.core.work.WorkEndedException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;

class TurnsTest {

    private final Turns turns = new Turns(1, 4);

    private Turn queue(String line) {
        return turns.queue(line, Work.of(100));
    }

    @Test
    void linesAreServedInTurnHoweverLongOneIs() throws InterruptedException {
        Turn first = queue("long");
        Turn second = queue("long");
        Turn third = queue("long");
        Turn other = queue("short");
        assertThat(first.await()).isTrue();
        assertThat(turns.waiting()).isEqualTo(3);
        first.close();
        assertThat(second.await()).isTrue();
        second.close();
        assertThat(other.await()).as("before the third of the long line").isTrue();
        assertThat(turns.waiting()).isEqualTo(1);
        other.close();
        assertThat(third.await()).isTrue();
        third.close();
        assertThat(turns.waiting()).isZero();
    }

    @Test
    void whoGoesAwayLeavesTheLineAndEndsTheWork() throws InterruptedException {
        Work work = Work.of(100);
        Turn going = turns.queue("a", work);
        Turn waiting = queue("b");
        waiting.callOff();
        assertThat(waiting.await()).isFalse();
        waiting.close();
        assertThat(turns.waiting()).isZero();
        going.callOff();
        assertThatThrownBy(() -> work.within(() -> {
                    Work.spend(1);
                    return null;
                }))
                .isInstanceOfSatisfying(
                        WorkEndedException.class,
                        ended -> assertThat(ended.reason()).isEqualTo(WorkEndedException.Reason.CALLED_OFF));
        going.close();
        assertThat(queue("c").await()).isTrue();
    }

    @Test
    void moreThanCanWaitAreSentAway() {
        for (int n = 0; n < 5; n++) {
            queue("a");
        }
        assertThatThrownBy(() -> queue("b")).isInstanceOf(TooManyException.class);
    }

    @Test
    @EnabledOnOs(OS.LINUX)
    void whoeverClosesAConnectionIsSeenToHaveGone() throws Exception {
        try (ServerSocket server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            Socket client = new Socket(server.getInetAddress(), server.getLocalPort());
            try (Socket accepted = server.accept()) {
                GoneClients.Ends ends = new GoneClients.Ends(accepted.getLocalPort(), accepted.getPort());
                assertThat(GoneClients.closedThere()).doesNotContain(ends);
                client.close();
                for (int looks = 0; looks < 1_000 && !GoneClients.closedThere().contains(ends); looks++) {
                    Thread.sleep(5);
                }
                assertThat(GoneClients.closedThere()).contains(ends);
            }
        }
    }

    /** Lines of Linux's table of connections, as its documentation (proc(5), proc_net(5)) describes them. */
    @Test
    void aConnectionClosedAtTheOtherEndIsSeenInTheTable() {
        List<String> table = List.of(
                "  sl  local_address rem_address   st tx_queue rx_queue tr tm->when retrnsmt   uid  timeout inode",
                "   0: 0100007F:1F9A 00000000:0000 0A 00000000:00000000 00:00000000 00000000     0        0 1 1",
                "   1: 0100007F:1F9A 0100007F:D2F4 08 00000000:00000001 00:00000000 00000000     0        0 2 1",
                "   2: 0000000000000000FFFF00000100007F:1F9A 0000000000000000FFFF00000100007F:D2F6 01 0:0 00:0 0 0 0 3");
        assertThat(GoneClients.closedThere(table)).containsExactly(new GoneClients.Ends(8090, 54004));
        assertThat(GoneClients.closedThere(List.of())).isEmpty();
    }
}
