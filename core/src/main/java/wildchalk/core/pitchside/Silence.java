package wildchalk.core.pitchside;

/** A deed without somebody's name in it. */
record Silence(String name, String gone) implements Deed.Cases<Deed> {

    private String silent(String words) {
        return words.replace(name, gone);
    }

    @Override
    public Deed go(Deed.Go go) {
        return go;
    }

    @Override
    public Deed stop(Deed.Stop stop) {
        return stop;
    }

    @Override
    public Deed next(Deed.Next next) {
        return next;
    }

    @Override
    public Deed back(Deed.Back back) {
        return back;
    }

    @Override
    public Deed skip(Deed.Skip skip) {
        return skip;
    }

    @Override
    public Deed more(Deed.More more) {
        return more;
    }

    @Override
    public Deed anew(Deed.Anew anew) {
        return new Deed.Anew(
                anew.rest().stream().map(s -> s.silentOf(name, gone)).toList());
    }

    @Override
    public Deed called(Deed.Called called) {
        return new Deed.Called(silent(called.what()));
    }

    @Override
    public Deed counted(Deed.Counted counted) {
        return new Deed.Counted(counted.counter(), silent(counted.who()), counted.by());
    }

    @Override
    public Deed noted(Deed.Noted noted) {
        return new Deed.Noted(silent(noted.words()));
    }

    @Override
    public Deed timed(Deed.Timed timed) {
        return new Deed.Timed(timed.counter(), silent(timed.who()), timed.metres(), timed.splits());
    }

    @Override
    public Deed marked(Deed.Marked marked) {
        return new Deed.Marked(silent(marked.who()), marked.hasIt());
    }

    @Override
    public Deed agreed(Deed.Agreed agreed) {
        return new Deed.Agreed(silent(agreed.calls()), silent(agreed.counts()));
    }
}
