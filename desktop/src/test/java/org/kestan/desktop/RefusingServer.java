package org.kestan.desktop;

import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;

/**
 * A server that asks everyone for a password and accepts none (PostgreSQL documentation, "Message Flow" and "Message
 * Formats").
 */
final class RefusingServer implements AutoCloseable {

    private static final int ENCRYPTION = 80877103;
    private static final int CLEARTEXT = 3;

    private final ServerSocket door = new ServerSocket(0, 5, InetAddress.getLoopbackAddress());
    private final List<String> passwords = new CopyOnWriteArrayList<>();

    RefusingServer() throws IOException {
        Thread thread = new Thread(this::admit, "refusing-server");
        thread.setDaemon(true);
        thread.start();
    }

    int port() {
        return door.getLocalPort();
    }

    /** The passwords it was given. */
    List<String> passwords() {
        return passwords;
    }

    private void admit() {
        while (!door.isClosed()) {
            try (Socket bench = door.accept()) {
                talk(new DataInputStream(bench.getInputStream()), new DataOutputStream(bench.getOutputStream()));
            } catch (IOException gone) {
                // The next one is asked.
            }
        }
    }

    private void talk(DataInputStream in, DataOutputStream out) throws IOException {
        byte[] first = in.readNBytes(in.readInt() - Integer.BYTES);
        if (java.nio.ByteBuffer.wrap(first).getInt() == ENCRYPTION) {
            out.writeByte('N');
            in.readNBytes(in.readInt() - Integer.BYTES);
        }
        out.writeByte('R');
        out.writeInt(2 * Integer.BYTES);
        out.writeInt(CLEARTEXT);
        in.readByte();
        passwords.add(
                new String(in.readNBytes(in.readInt() - Integer.BYTES), StandardCharsets.UTF_8).replace("\0", ""));
        byte[] fault = "SFATAL\0C28P01\0Mno\0\0".getBytes(StandardCharsets.UTF_8);
        out.writeByte('E');
        out.writeInt(Integer.BYTES + fault.length);
        out.write(fault);
    }

    @Override
    public void close() throws IOException {
        door.close();
    }
}
