package org.kestan.ledger.postgres;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;

/** A proxy between a bench and its server that cuts all connections after a number of packets in either direction. */
final class CutConnection implements AutoCloseable {

    private final ServerSocket door;
    private final int server;
    private final Set<Socket> open = ConcurrentHashMap.newKeySet();
    private final AtomicInteger left = new AtomicInteger(Integer.MAX_VALUE);
    private volatile boolean away;

    CutConnection(int server) throws IOException {
        this.server = server;
        door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        daemon(this::admit);
    }

    int port() {
        return door.getLocalPort();
    }

    /** Cuts everything after this many packets, counted from now on, and accepts no connection until {@link #mend}. */
    void cutAfter(int pieces) {
        left.set(pieces);
    }

    /** Returns whether it was cut. */
    boolean isCut() {
        return away;
    }

    /** Restores the connection. */
    void mend() {
        left.set(Integer.MAX_VALUE);
        away = false;
    }

    private void cut() {
        away = true;
        open.forEach(CutConnection::close);
        open.clear();
    }

    private void admit() {
        while (!door.isClosed()) {
            try {
                Socket bench = door.accept();
                if (away) {
                    close(bench);
                    continue;
                }
                Socket there = new Socket(InetAddress.getLoopbackAddress(), server);
                open.add(bench);
                open.add(there);
                daemon(() -> pass(bench, there));
                daemon(() -> pass(there, bench));
            } catch (IOException closed) {
                // The test is over.
            }
        }
    }

    private void pass(Socket from, Socket to) {
        byte[] piece = new byte[65_536];
        try {
            InputStream in = from.getInputStream();
            OutputStream out = to.getOutputStream();
            int read;
            while ((read = in.read(piece)) >= 0) {
                if (left.getAndDecrement() <= 0) {
                    cut();
                    return;
                }
                out.write(piece, 0, read);
                out.flush();
            }
        } catch (IOException cut) {
            // Intended.
        } finally {
            close(from);
            close(to);
        }
    }

    private static void close(AutoCloseable what) {
        try {
            what.close();
        } catch (Exception alreadyGone) {
            // It is gone.
        }
    }

    private static void daemon(Runnable work) {
        Thread thread = new Thread(work, "cut-connection");
        thread.setDaemon(true);
        thread.start();
    }

    @Override
    public void close() throws IOException {
        door.close();
        cut();
    }
}
