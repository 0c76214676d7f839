package wildchalk.handout.clip;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.Set;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.bytedeco.ffmpeg.global.avcodec;
import org.bytedeco.ffmpeg.global.avutil;
import org.bytedeco.javacv.FFmpegFrameRecorder;
import wildchalk.handout.order.Cancelled;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Order.Film;
import wildchalk.handout.order.Progress;

/** A clip that plays on a phone: MP4 with H.264 in the colours that all players know. */
public final class Clip implements HandOut {

    /** Frames a second. */
    public static final int RATE = 30;

    private static final int BITS_A_DOT_AND_SECOND = 4;

    @Override
    public String ending() {
        return "mp4";
    }

    @Override
    public String words() {
        return "Clip (MP4)";
    }

    @Override
    public String about() {
        return "Plays on any phone. It stops with each question, then shows the answer.";
    }

    @Override
    public Set<Wish> wishes() {
        return EnumSet.of(
                Wish.GROUND,
                Wish.RUNGS,
                Wish.WAY,
                Wish.LOOK,
                Wish.SHAPE,
                Wish.SPEED,
                Wish.EVERY_WAY,
                Wish.REPS,
                Wish.CAPTIONS,
                Wish.UNITS);
    }

    @Override
    public void write(Order order, Path file, Progress progress) throws IOException {
        Film.Shape shape = order.film().shape();
        Reel reel = Reel.of(order);
        int frames = (int) Math.max(1, Math.round(reel.seconds() * RATE));
        // One processor paints while the other packs.
        ExecutorService packing = Executors.newSingleThreadExecutor();
        avutil.av_log_set_level(avutil.AV_LOG_ERROR);
        try (FFmpegFrameRecorder recorder = recorder(file, shape)) {
            recorder.start();
            FramePainter[] painters = {
                new FramePainter(order, shape.width(), shape.height()),
                new FramePainter(order, shape.width(), shape.height())
            };
            Future<?> before = null;
            for (int i = 0; i < frames; i++) {
                progress.step((double) i / frames);
                BufferedImage frame = painters[i % 2].paint(reel.at((double) i / RATE));
                if (before != null) {
                    before.get();
                }
                before = packing.submit(() -> {
                    pack(recorder, frame);
                    return null;
                });
            }
            before.get();
            recorder.stop();
        } catch (ExecutionException e) {
            throw new IOException(e.getCause());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Cancelled();
        } finally {
            packing.shutdown();
        }
        progress.step(1);
    }

    private static FFmpegFrameRecorder recorder(Path file, Film.Shape shape) {
        FFmpegFrameRecorder recorder = new FFmpegFrameRecorder(file.toFile(), shape.width(), shape.height(), 0);
        recorder.setFormat("mp4");
        recorder.setVideoCodec(avcodec.AV_CODEC_ID_H264);
        recorder.setPixelFormat(avutil.AV_PIX_FMT_YUV420P);
        recorder.setFrameRate(RATE);
        recorder.setGopSize(2 * RATE);
        recorder.setVideoBitrate(shape.width() * shape.height() * BITS_A_DOT_AND_SECOND);
        // What comes first in the file is what a phone needs to begin.
        recorder.setOption("movflags", "+faststart");
        recorder.setVideoOption("allow_skip_frames", "0");
        return recorder;
    }

    private static void pack(FFmpegFrameRecorder recorder, BufferedImage frame) throws IOException {
        byte[] dots = ((DataBufferByte) frame.getRaster().getDataBuffer()).getData();
        recorder.recordImage(
                frame.getWidth(),
                frame.getHeight(),
                org.bytedeco.javacv.Frame.DEPTH_UBYTE,
                3,
                frame.getWidth() * 3,
                avutil.AV_PIX_FMT_BGR24,
                ByteBuffer.wrap(dots));
    }
}
