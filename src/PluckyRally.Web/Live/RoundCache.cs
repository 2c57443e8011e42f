using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Wall;

namespace PluckyRally.Web.Live;

/// <summary>
/// What is worked out of a rally once for a state of its log, and shared by all who ask. While one is being answered
/// the others wait, and are given what was worked out then if it is as new as what they asked for: a storm of entries
/// costs no more than one at a time.
/// </summary>
internal sealed class RoundCache(RallyOwners owners)
{
    /// <summary>More lists than are asked for at once; those of an old fair need not stay.</summary>
    private const int Most = 64;

    /// <summary>
    /// So many times everything is drawn anew, so that nobody waits long: a class's chances are good to one in a
    /// hundred, as one standard deviation at a half (√(¼/2000) = 0.011), those of a fair of thousands of entries to
    /// five.
    /// </summary>
    private static int Draws(OpenedRally opened) => Math.Clamp(400_000 / Math.Max(1, opened.Stands.Count), 100, 2000);

    /// <summary>Versions are counted anew whenever the server starts.</summary>
    private static readonly string Run = Guid.NewGuid().ToString("N")[..8];

    private readonly ConcurrentDictionary<RallyId, Worked> _worked = new();
    private readonly ConditionalWeakTable<RoundSheets, RallyProgress> _progress = [];
    private readonly ConcurrentDictionary<string, (string States, OverAll List)> _lists = new();

    /// <summary>
    /// Names the ground on which numbers of entries stand: this run of the server, as long as nothing was changed that
    /// is in no log.
    /// </summary>
    public static string GroundOf(KeptRally rally) => $"{Run}-{rally.Ground}";

    /// <summary>Names a state of a rally among all that there ever were.</summary>
    public static string NameOf(KeptRally rally) => $"{Run}-{rally.Version}";

    /// <summary>
    /// The state that whoever was told of so many entries is answered from: the one that others were answered from, if
    /// it is as new as that. What came since everybody is told of next, so the windows of a hall share one state for
    /// each time that they are told, however many entries come between.
    /// </summary>
    /// <param name="newest">The rally as it is now.</param>
    /// <param name="announced">How many entries the live line announced; absent where the newest is wanted.</param>
    public KeptRally At(KeptRally newest, int? announced)
    {
        if (announced is not { } enough || !newest.Opened.IsOk)
            return newest;
        var wanted = newest.Version with { Entries = Math.Min(enough, newest.Version.Entries) };
        return Of(newest).AnsweredFrom(newest, wanted);
    }

    /// <summary>The standings of a round, of this state or a later one.</summary>
    /// <param name="rally">The rally; it has been opened.</param>
    /// <param name="round">The round.</param>
    public Standings Standings(KeptRally rally, int round) =>
        In(rally, round).Standings.Get(Newest(rally), (_, now) => Opened(now).Result(round).Standings);

    /// <summary>How certain the places of a round are.</summary>
    public Confidence Sure(KeptRally rally, int round) =>
        In(rally, round).Sure.Get(Newest(rally), (_, now) => Confidence.Of(Opened(now), round, Draws(Opened(now))));

    /// <summary>The clock as walls show it, but for what time it is.</summary>
    public ClockOnWall Clock(KeptRally rally, int round) =>
        In(rally, round).Clock.Get(Newest(rally), (_, now) => ClockOnWall.Of([now], round));

    /// <summary>The sheets of a round, of this state or a later one.</summary>
    /// <param name="rally">The rally; it has been opened.</param>
    /// <param name="round">The round.</param>
    /// <param name="points">Whether points are wanted too.</param>
    public RoundSheets SheetsOf(KeptRally rally, int round, bool points) =>
        (points ? In(rally, round).WithPoints : In(rally, round).Sheets).Get(Newest(rally), (before, now) =>
            before?.With(Opened(now), points) ?? RoundSheets.Of(Opened(now), round)
        );

    /// <summary>
    /// The list over rallies of one brief: a fair's helpers and boards all ask for it, every few seconds.
    /// </summary>
    public OverAll ListOver(IReadOnlyList<(KeptRally Rally, int Round)> rallies, Combined chosen)
    {
        if (_lists.Count > Most)
            _lists.Clear();
        var states = string.Join(' ', rallies.Select(r => NameOf(r.Rally)));
        var key = string.Join(' ', rallies.Select(r => $"{r.Rally.Stored.Id}").Append(Json.Write(chosen)));
        if (_lists.TryGetValue(key, out var known) && known.States == states)
            return known.List;
        var list = OverAll.Of(
            [.. rallies.Select(r => new RallyJoining(r.Rally.Stored.Id, r.Rally.Opened.OrThrow(), r.Round))],
            chosen
        );
        _lists[key] = (states, list);
        return list;
    }

    /// <summary>How far the rally was when some sheets were worked out.</summary>
    public RallyProgress Progress(RoundSheets sheets) => _progress.GetValue(sheets, RallyProgress.Of);

    /// <summary>
    /// What is asked for, and what it is worked out of where it must be: the newest, so that the next who asks has it.
    /// </summary>
    private (KeptRally Wanted, Func<KeptRally> Newest) Newest(KeptRally rally) =>
        (rally, () => owners.Find(rally.Stored.Id) is { Opened.IsOk: true } newest ? newest : rally);

    private static OpenedRally Opened(KeptRally rally) => rally.Opened.OrThrow();

    private RoundWorked In(KeptRally rally, int round) => Of(rally).Rounds.GetOrAdd(round, _ => new());

    /// <summary>What was worked out of a rally stays as long as its owner has it in memory.</summary>
    private Worked Of(KeptRally rally)
    {
        if (_worked.TryGetValue(rally.Stored.Id, out var known))
            return known;
        foreach (var id in _worked.Keys.Where(id => !owners.Holds(id)))
            _worked.TryRemove(id, out _);
        return _worked.GetOrAdd(rally.Stored.Id, _ => new());
    }

    private sealed class Worked
    {
        private readonly Lock _turn = new();
        private KeptRally? _answered;

        public ConcurrentDictionary<int, RoundWorked> Rounds { get; } = new();

        /// <summary>
        /// The state that others were answered from, if it will do; else the newest. Never one that is older than what
        /// was answered from before: a tag that was read here is not newer than the answer that it stands on.
        /// </summary>
        public KeptRally AnsweredFrom(KeptRally newest, RallyVersion wanted)
        {
            lock (_turn)
                return
                    _answered is { } known
                    && (known.Version.IsAsNewAs(wanted) || newest.Version.IsOlderThan(known.Version))
                    ? known
                    : _answered = newest;
        }
    }

    private sealed class RoundWorked
    {
        public Shared<RoundSheets> Sheets { get; } = new();

        public Shared<RoundSheets> WithPoints { get; } = new();

        public Shared<Standings> Standings { get; } = new();

        public Shared<ClockOnWall> Clock { get; } = new();

        public Shared<Confidence> Sure { get; } = new();
    }

    private sealed class Shared<T>
        where T : class
    {
        private readonly Lock _turn = new();
        private volatile Known? _known;

        public T Get((KeptRally Wanted, Func<KeptRally> Newest) of, Func<T?, KeptRally, T> work)
        {
            if (_known is { } known && known.Of.IsAsNewAs(of.Wanted.Version))
                return known.Value;
            lock (_turn)
            {
                if (_known is { } meanwhile && meanwhile.Of.IsAsNewAs(of.Wanted.Version))
                    return meanwhile.Value;
                var now = of.Newest();
                var value = work(_known?.Value, now);
                _known = new(now.Version, value);
                return value;
            }
        }

        private sealed record Known(RallyVersion Of, T Value);
    }
}
