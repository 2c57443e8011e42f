using PluckyRally.Core.Ids;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Web.Access;

namespace PluckyRally.Web.Score;

/// <summary>
/// A team's sheet as it is carried about. Points are on the teacher's only, and notes on that of who wrote them.
/// </summary>
public sealed record JudgeSheetView
{
    /// <summary>The team's id.</summary>
    public required TeamId Team { get; init; }

    /// <summary>The team's name.</summary>
    public required string Name { get; init; }

    /// <summary>Whether it stands in the order of places yet.</summary>
    public required StandingStatus Status { get; init; }

    /// <summary>What is missing or was missed; empty where the team is complete.</summary>
    public required string Reason { get; init; }

    /// <summary>The rules, in the brief's order.</summary>
    public required IReadOnlyList<SheetRule> Rules { get; init; }

    /// <summary>
    /// Whether every rule that is checked outside of attempts is decided, and none is too near to call.
    /// </summary>
    public required bool Settled { get; init; }

    /// <summary>Whether what comes before the attempts is done.</summary>
    public required bool Ready { get; init; }

    /// <summary>What is measured once.</summary>
    public required IReadOnlyList<SheetReading> Once { get; init; }

    /// <summary>The trials for score that stand, void ones included, in order.</summary>
    public required IReadOnlyList<SheetTrial> Trials { get; init; }

    /// <summary>The team's designs, in the order in which they were first tried.</summary>
    public required IReadOnlyList<SheetDesign> Designs { get; init; }

    /// <summary>Trials for practice, for control and to beat.</summary>
    public required IReadOnlyList<ReferenceTrial> References { get; init; }

    /// <summary>
    /// How many entries the rally's log had: a device knows by it whether what it has sent is in here.
    /// </summary>
    public required int AsOf { get; init; }

    /// <summary>Whether attempts are only passed or not, so that nothing is asked of one that failed.</summary>
    public required bool PassedOrNot { get; init; }

    /// <summary>Whether the round is closed.</summary>
    public required bool Closed { get; init; }

    /// <summary>The entry that approved the team's plan; absent while it is not approved.</summary>
    public EntryId? Cleared { get; init; }

    /// <summary>The entry that says the team came late; absent where it did not.</summary>
    public EntryId? Late { get; init; }

    /// <summary>What it wanted to change when it looked back at the round before; empty where it did not say.</summary>
    public required string Wanted { get; init; }

    /// <summary>What the team set out to reach.</summary>
    public required IReadOnlyList<SheetTarget> Targets { get; init; }

    /// <summary>The parts that are not measured in trials, as far as they are recorded.</summary>
    public required IReadOnlyList<JudgeAnswers> Parts { get; init; }

    /// <summary>What was recorded for the team in this round, the newest first, struck entries included.</summary>
    public required IReadOnlyList<JudgeLogLine> Log { get; init; }

    /// <summary>
    /// So many entries of the rally's log are left out of this one, because the device has them; 0 where all are here.
    /// </summary>
    public int LogFrom { get; init; }

    /// <summary>The sheet without its log.</summary>
    internal static JudgeSheetView Of(TeamSheet sheet, Caller caller) =>
        new()
        {
            Team = sheet.Team,
            Name = sheet.Name,
            Status = sheet.Status,
            Reason = sheet.Reason,
            Rules = sheet.Rules,
            Settled = sheet.Settled,
            Ready = sheet.Ready,
            Once = sheet.Once,
            Trials = sheet.Trials,
            Designs = sheet.Designs,
            References = sheet.References,
            AsOf = sheet.AsOf,
            PassedOrNot = sheet.PassedOrNot,
            Closed = sheet.Closed,
            Cleared = sheet.Cleared,
            Late = sheet.Late,
            Wanted = sheet.Wanted,
            Targets = sheet.Targets,
            Parts = [.. sheet.Parts.Select(p => JudgeAnswers.Of(p, caller.IsTeacher))],
            Log = [],
        };

    /// <summary>The sheet with its log, or with what is new in it.</summary>
    /// <param name="sheet">The sheet.</param>
    /// <param name="opened">The rally.</param>
    /// <param name="round">The round.</param>
    /// <param name="held">How many entries the rally's log had when the device last heard of this one; 0 where it has
    /// nothing of it.</param>
    /// <param name="strikeOthers">Whether judges may cross out what others recorded.</param>
    /// <param name="caller">Who asks.</param>
    internal static JudgeSheetView Of(
        TeamSheet sheet,
        OpenedRally opened,
        int round,
        int held,
        bool strikeOthers,
        Caller caller
    )
    {
        // A strike changes lines that are there already, or brings some back.
        var since = opened.Received.Skip(held).DistinctBy(e => e.Id).ToDictionary(e => e.Id);
        var from =
            held > opened.Received.Count || opened.Aside.Count > 0 || since.Values.Any(e => e is Entry.StruckOut)
                ? 0
                : held;
        var entries = from > 0 ? since : opened.Received.DistinctBy(e => e.Id).ToDictionary(e => e.Id);
        return Of(sheet, caller) with
        {
            LogFrom = from,
            Log =
            [
                .. sheet
                    .WithLog(opened, round, entries)
                    .Log.Where(l => caller.IsTeacher || EntryRights.JudgeSees(entries[l.Entry], caller.Name))
                    .Select(l => JudgeLogLine.Of(l, entries[l.Entry], opened, strikeOthers, caller)),
            ],
        };
    }
}

/// <summary>What has been recorded of a part.</summary>
/// <param name="Id">The part's id.</param>
/// <param name="Answers">By what was asked: see <see cref="PartSoFar.Answers"/>.</param>
/// <param name="Sequence">For an order: the items' ids as the team has them.</param>
/// <param name="Pieces">For pieces: what was counted.</param>
/// <param name="Measured">For pieces: whether they are to be measured.</param>
public sealed record JudgeAnswers(
    string Id,
    IReadOnlyDictionary<string, string> Answers,
    IReadOnlyList<string> Sequence,
    IReadOnlyList<PieceGroup> Pieces,
    bool Measured
)
{
    /// <summary>For the teacher alone: how it is worked out so far, a sentence a line.</summary>
    public IReadOnlyList<string>? Working { get; init; }

    /// <summary>For the teacher alone: its points; empty while there are none.</summary>
    public string? Points { get; init; }

    /// <summary>What several people answered differently, as long as it is not settled.</summary>
    public required IReadOnlyList<IReadOnlyList<GivenAnswer>> Twice { get; init; }

    /// <summary>For a budget: what the team pays for each thing now.</summary>
    public required IReadOnlyList<PriceNow> Prices { get; init; }

    /// <summary>For a budget: what is left to spend, as it is shown; empty elsewhere.</summary>
    public required string Left { get; init; }

    internal static JudgeAnswers Of(PartSoFar part, bool teacher) =>
        new(part.Id, part.Answers, part.Sequence, part.Pieces, part.Measured)
        {
            Twice = part.Twice,
            Prices = part.Prices,
            Left = part.Left,
            Working = teacher ? part.Working : null,
            Points = teacher ? part.Points : null,
        };
}

/// <summary>An entry in words.</summary>
/// <param name="Entry">Its id.</param>
/// <param name="At">When it was received.</param>
/// <param name="By">Who wrote it.</param>
/// <param name="Says">What it records.</param>
/// <param name="Struck">Whether it was crossed out.</param>
/// <param name="Why">Why it was crossed out.</param>
/// <param name="MayStrike">Whether who looks at it may cross it out.</param>
public sealed record JudgeLogLine(
    EntryId Entry,
    DateTimeOffset At,
    string By,
    string Says,
    bool Struck,
    string Why,
    bool MayStrike
)
{
    /// <summary>The entries that cross it out, the last one last: who crosses them out restores it.</summary>
    public required IReadOnlyList<EntryId> Strikes { get; init; }

    /// <summary>When it was last crossed out; absent where it stands.</summary>
    public DateTimeOffset? StruckAt { get; init; }

    /// <summary>
    /// The entry itself, so that a device knows what comes back when it or a strike of it is crossed out; absent where
    /// it changes nothing on a sheet.
    /// </summary>
    public Entry? What { get; init; }

    /// <summary>
    /// Who ran and who signed is not for a device that is carried about; nothing that a device goes on from hangs on
    /// it.
    /// </summary>
    private static Entry? WithoutStudents(Entry entry) =>
        entry switch
        {
            Core.Score.Entry.NoteMade or Core.Score.Entry.KitCounted => null,
            Core.Score.Entry.LegTimed leg => leg with { Runner = "" },
            _ => entry,
        };

    internal static JudgeLogLine Of(LogLine line, Entry entry, OpenedRally opened, bool strikeOthers, Caller caller) =>
        new(
            line.Entry,
            line.At,
            line.By,
            line.Says,
            line.Struck,
            line.Why,
            caller.IsTeacher || EntryRights.ToStrike(entry, caller.Name, opened.Received, strikeOthers) is null
        )
        {
            Strikes = line.Strikes,
            StruckAt = line.StruckAt,
            What = WithoutStudents(entry),
        };
}
