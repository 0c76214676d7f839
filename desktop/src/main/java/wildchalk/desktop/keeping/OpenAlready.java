package wildchalk.desktop.keeping;

import java.io.BufferedReader;
import java.io.IOException;
import java.net.StandardProtocolFamily;
import java.net.UnixDomainSocketAddress;
import java.nio.ByteBuffer;
import java.nio.channels.Channels;
import java.nio.channels.ServerSocketChannel;
import java.nio.channels.SocketChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.function.Consumer;

/**
 * Lets a program that is opened with a file hand it to the one that has the coach's book open already: only one of them
 * can write into it. They talk through a socket in the program's own folder, which nobody else can write to.
 */
public final class OpenAlready implements AutoCloseable {

    private static final byte TAKEN = 1;

    private final Path socket;
    private final ServerSocketChannel server;

    private OpenAlready(Path socket, ServerSocketChannel server) {
        this.socket = socket;
        this.server = server;
    }

    /** The socket of the usual book. */
    public static Path usual() {
        return BookPlaces.folder().resolve("open");
    }

    /** Hands a file over; false when nobody has the book open, so that it has to be opened here. */
    public static boolean hand(Path file, Path socket) {
        try (SocketChannel there = SocketChannel.open(UnixDomainSocketAddress.of(socket))) {
            there.write(StandardCharsets.UTF_8.encode(file.toAbsolutePath() + "\n"));
            ByteBuffer answer = ByteBuffer.allocate(1);
            return there.read(answer) == 1 && answer.get(0) == TAKEN;
        } catch (IOException | UnsupportedOperationException | IllegalArgumentException e) {
            return false;
        }
    }

    /**
     * Listens for files from now on, until it is closed.
     *
     * @param take told each, on a thread of its own
     * @throws IOException when nobody can listen there, or another window does already; the program works without
     */
    public static OpenAlready listen(Path socket, Consumer<Path> take) throws IOException {
        if (isThere(socket)) {
            throw new IOException(socket.toString());
        }
        Files.createDirectories(socket.getParent());
        // Left behind by a program that was cut off: whoever listened would have been handed the file.
        Files.deleteIfExists(socket);
        ServerSocketChannel server = ServerSocketChannel.open(StandardProtocolFamily.UNIX);
        try {
            server.bind(UnixDomainSocketAddress.of(socket));
        } catch (IOException | IllegalArgumentException e) {
            server.close();
            throw new IOException(e);
        }
        OpenAlready open = new OpenAlready(socket, server);
        Thread thread = new Thread(() -> open.serve(take), "handed");
        thread.setDaemon(true);
        thread.start();
        return open;
    }

    private static boolean isThere(Path socket) {
        try (SocketChannel there = SocketChannel.open(UnixDomainSocketAddress.of(socket))) {
            return there.isConnected();
        } catch (IOException | UnsupportedOperationException | IllegalArgumentException e) {
            return false;
        }
    }

    private void serve(Consumer<Path> take) {
        while (server.isOpen()) {
            try (SocketChannel there = server.accept();
                    BufferedReader said = new BufferedReader(Channels.newReader(there, StandardCharsets.UTF_8))) {
                String file = said.readLine();
                if (file != null) {
                    take.accept(Path.of(file));
                    there.write(ByteBuffer.wrap(new byte[] {TAKEN}));
                }
            } catch (IOException | InvalidPathException e) {
                // Whoever asked opens it for themselves; or nobody listens any more.
            }
        }
    }

    @Override
    public void close() {
        try {
            server.close();
            Files.deleteIfExists(socket);
        } catch (IOException e) {
            // The next program that listens takes it away.
        }
    }
}
