package wildchalk.storage.format;

import java.io.ByteArrayOutputStream;
import java.io.DataOutput;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.CRC32;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;
import wildchalk.core.log.Work;
import wildchalk.core.practice.Content;

/**
 * An entry of the log as few bytes that are read at once, so that five seasons are there while somebody looks: it
 * follows from the text of the entry, lies beside it in the book, and is never handed out.
 */
public final class PackedEntry {

    /** Goes up whenever the bytes mean something else. */
    public static final int MAKER = 1;

    private static final int SUM = Integer.BYTES;

    private PackedEntry() {}

    /** The bytes of an entry; reading them gives the same. */
    public static byte[] write(Entry entry) {
        try {
            ByteArrayOutputStream body = new ByteArrayOutputStream();
            new Out(new DataOutputStream(body)).entry(entry);
            ByteArrayOutputStream all = new ByteArrayOutputStream();
            DataOutputStream out = new DataOutputStream(all);
            out.writeInt(sum(body.toByteArray(), 0));
            body.writeTo(out);
            return all.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The entry of such bytes; empty where they are not as they were written. */
    public static Optional<Entry> read(byte[] bytes) {
        ByteBuffer in = ByteBuffer.wrap(bytes);
        return bytes.length < SUM || in.getInt() != sum(bytes, SUM)
                ? Optional.empty()
                : Optional.of(new In(in).entry());
    }

    private static int sum(byte[] bytes, int from) {
        CRC32 crc = new CRC32();
        crc.update(bytes, from, bytes.length - from);
        return (int) crc.getValue();
    }

    /** What writes one. Words that come again are written once. */
    private static final class Out {

        private final DataOutput out;
        private final Map<String, Integer> words = new HashMap<>();

        Out(DataOutput out) {
            this.out = out;
        }

        private void words(String text) throws IOException {
            Integer known = words.get(text);
            out.writeInt(known == null ? -1 : known);
            if (known == null) {
                words.put(text, words.size());
                byte[] utf = text.getBytes(StandardCharsets.UTF_8);
                out.writeInt(utf.length);
                out.write(utf);
            }
        }

        private void all(List<String> texts) throws IOException {
            out.writeInt(texts.size());
            for (String text : texts) {
                words(text);
            }
        }

        void entry(Entry e) throws IOException {
            words(e.id());
            words(e.title());
            out.writeLong(e.when().day().toEpochDay());
            out.writeInt(e.when().start().toSecondOfDay());
            words(e.source().practice());
            out.writeLong(e.source().version());
            words(e.source().run());
            out.writeDouble(e.source().changes());
            words(e.there().squad());
            out.writeInt(e.there().people());
            all(e.there().known());
            out.writeInt(e.there().groups().size());
            for (List<String> group : e.there().groups()) {
                all(group);
            }
            all(e.there().staff());
            words(e.thought());
            out.writeInt(e.parts().size());
            for (Part part : e.parts()) {
                part(part);
            }
        }

        private void part(Part p) throws IOException {
            words(p.title());
            out.writeBoolean(p.drill().isPresent());
            if (p.drill().isPresent()) {
                words(p.drill().get().id());
                out.writeLong(p.drill().get().version());
                words(p.drill().get().title());
            }
            all(p.rungs());
            Part.Time time = p.time();
            out.writeInt(time.before());
            out.writeInt(time.plannedBefore());
            out.writeInt(time.ran());
            out.writeInt(time.planned());
            out.writeBoolean(time.meanwhile());
            out.writeByte(p.went().ordinal());
            words(p.next());
            result(p.result());
            out.writeBoolean(p.work().isPresent());
            if (p.work().isPresent()) {
                work(p.work().get());
            }
        }

        private void result(Part.Result r) throws IOException {
            out.writeInt(r.counted().size());
            for (Part.Counted c : r.counted()) {
                words(c.what());
                words(c.who());
                out.writeInt(c.made());
                out.writeInt(c.missed());
                out.writeInt(c.worth());
            }
            out.writeInt(r.calls());
            out.writeInt(r.timed().size());
            for (Part.Timed t : r.timed()) {
                words(t.what());
                words(t.who());
                out.writeDouble(t.metres());
                out.writeInt(t.splits().size());
                for (long split : t.splits()) {
                    out.writeLong(split);
                }
            }
            all(r.notes());
        }

        private void work(Work w) throws IOException {
            out.writeByte(w.skills().size());
            for (Map.Entry<Skill, Double> skill : w.skills().entrySet()) {
                out.writeByte(skill.getKey().ordinal());
                out.writeDouble(skill.getValue());
            }
            out.writeDouble(w.share());
            out.writeBoolean(w.contact());
            out.writeInt(w.each().size());
            for (Work.Each each : w.each()) {
                words(each.who());
                out.writeDouble(each.busy());
                out.writeDouble(each.metres());
                out.writeDouble(each.sprints());
                out.writeDouble(each.touches());
                out.writeDouble(each.shots());
            }
        }
    }

    /** What reads one. */
    private static final class In {

        private static final Skill[] SKILLS = Skill.values();
        private static final Part.Went[] WENT = Part.Went.values();

        private final ByteBuffer in;
        private final List<String> words = new ArrayList<>();

        In(ByteBuffer in) {
            this.in = in;
        }

        private String words() {
            int known = in.getInt();
            if (known >= 0) {
                return words.get(known);
            }
            byte[] utf = new byte[in.getInt()];
            in.get(utf);
            words.add(new String(utf, StandardCharsets.UTF_8));
            return words.get(words.size() - 1);
        }

        private List<String> all() {
            int n = in.getInt();
            List<String> texts = new ArrayList<>(n);
            for (int i = 0; i < n; i++) {
                texts.add(words());
            }
            return texts;
        }

        Entry entry() {
            String id = words();
            String title = words();
            Entry.When when = new Entry.When(LocalDate.ofEpochDay(in.getLong()), LocalTime.ofSecondOfDay(in.getInt()));
            Entry.Source source = new Entry.Source(words(), in.getLong(), words(), in.getDouble());
            String squad = words();
            int people = in.getInt();
            List<String> known = all();
            List<List<String>> groups = new ArrayList<>();
            for (int n = in.getInt(); n > 0; n--) {
                groups.add(all());
            }
            Entry.There there = new Entry.There(squad, people, known, groups, all());
            String thought = words();
            List<Part> parts = new ArrayList<>();
            for (int n = in.getInt(); n > 0; n--) {
                parts.add(part());
            }
            return new Entry(id, title, when, source, there, parts, thought);
        }

        private Part part() {
            String title = words();
            Optional<Content.Planned> drill =
                    in.get() != 0 ? Optional.of(new Content.Planned(words(), in.getLong(), words())) : Optional.empty();
            List<String> rungs = all();
            Part.Time time = new Part.Time(in.getInt(), in.getInt(), in.getInt(), in.getInt(), in.get() != 0);
            Part.Went went = WENT[in.get()];
            String next = words();
            Part.Result result = result();
            return new Part(
                    title,
                    drill,
                    rungs,
                    time,
                    went,
                    next,
                    result,
                    in.get() != 0 ? Optional.of(work()) : Optional.empty());
        }

        private Part.Result result() {
            int n = in.getInt();
            List<Part.Counted> counted = new ArrayList<>(n);
            for (int i = 0; i < n; i++) {
                counted.add(new Part.Counted(words(), words(), in.getInt(), in.getInt(), in.getInt()));
            }
            int calls = in.getInt();
            List<Part.Timed> timed = new ArrayList<>();
            for (int k = in.getInt(); k > 0; k--) {
                String what = words();
                String who = words();
                double metres = in.getDouble();
                List<Long> splits = new ArrayList<>();
                for (int s = in.getInt(); s > 0; s--) {
                    splits.add(in.getLong());
                }
                timed.add(new Part.Timed(what, who, metres, splits));
            }
            return new Part.Result(counted, calls, timed, all());
        }

        private Work work() {
            Map<Skill, Double> skills = new EnumMap<>(Skill.class);
            for (int n = in.get(); n > 0; n--) {
                skills.put(SKILLS[in.get()], in.getDouble());
            }
            double share = in.getDouble();
            boolean contact = in.get() != 0;
            int n = in.getInt();
            List<Work.Each> each = new ArrayList<>(n);
            for (int i = 0; i < n; i++) {
                each.add(new Work.Each(
                        words(), in.getDouble(), in.getDouble(), in.getDouble(), in.getDouble(), in.getDouble()));
            }
            return new Work(skills, share, contact, each);
        }
    }
}
