using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Web.Access;
using PluckyRally.Web.Live;

namespace PluckyRally.Web.Score;

/// <summary>What a device has of a round's sheets.</summary>
/// <param name="Since">How many entries the rally's log had when the device last heard how far the teams are; null
/// where it never did.</param>
/// <param name="Team">The team whose sheet is open on it; empty where none is.</param>
/// <param name="Held">The same number for that sheet and its log.</param>
/// <param name="Ground">The ground that these numbers stand on.</param>
internal sealed record HeldSheets(int? Since, TeamId Team, int Held, string Ground);

/// <summary>What is new in a round's sheets.</summary>
/// <param name="Ground">Names the ground that the numbers stand on; the device says it when it asks again.</param>
/// <param name="AsOf">How many entries the rally's log has.</param>
/// <param name="Since">What this adds to: how far the device was; absent where this is all there is.</param>
/// <param name="Progress">How far the rally is.</param>
/// <param name="Order">The teams in the order in which they are tested, then the comparisons.</param>
/// <param name="Teams">The teams whose sheets have changed.</param>
/// <param name="Sheet">The sheet that is open on the device; absent where it has not changed.</param>
public sealed record SheetChanges(
    string Ground,
    int AsOf,
    int? Since,
    RallyProgress Progress,
    IReadOnlyList<TeamId> Order,
    IReadOnlyList<TeamOnStrip> Teams,
    JudgeSheetView? Sheet
)
{
    /// <summary>
    /// Where the rally is run with others: the teams of all of them, in the order in which they are tested. Empty where
    /// it is run alone.
    /// </summary>
    public IReadOnlyList<TeamId> Queue { get; init; } = [];

    /// <summary>
    /// Whose sheet is opened where none was chosen: the first team in the order that is not finished, or else the
    /// first. Empty where no team is here.
    /// </summary>
    public TeamId Due { get; init; }

    internal static SheetChanges Of(
        RoundSheets sheets,
        RallyProgress progress,
        HeldSheets device,
        string ground,
        bool strikeOthers,
        Caller caller
    )
    {
        // On another ground a copy may have been brought back, or somebody may do what they might not: the numbers say
        // nothing of that.
        var (since, held) = device.Ground == ground ? (device.Since, Math.Max(0, device.Held)) : (null, 0);
        int Touched(TeamId team) =>
            caller.IsTeacher && sheets.PointsHangOnOthers ? sheets.AsOf : sheets.Touched.Team(team);
        // Who asks for the first time, and for no team, gets the sheet that it will open.
        var due = sheets.Due?.Team ?? default;
        var wanted = since is null && device.Team == default ? due : device.Team;
        return new(
            ground,
            sheets.AsOf,
            since,
            progress,
            [.. sheets.All.Select(s => s.Team)],
            [
                .. sheets
                    .All.Where(s => since is null || Touched(s.Team) > since)
                    .Select(s => TeamOnStrip.Of(s, sheets.Touched.Team(s.Team), caller.IsTeacher)),
            ],
            sheets.For(wanted) is { } open && (held == 0 || Touched(open.Team) > held)
                ? JudgeSheetView.Of(open, sheets.Opened, sheets.Round, held, strikeOthers, caller)
                : null
        )
        {
            Due = due,
        };
    }
}

/// <summary>A team in the strip of all.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Touched">How many entries the rally's log had when its sheet last changed: a device that has it as of
/// so many has it as it is.</param>
/// <param name="Status">Whether it stands in the order of places yet.</param>
/// <param name="Late">Whether it came late.</param>
public sealed record TeamOnStrip(TeamId Team, int Touched, StandingStatus Status, bool Late)
{
    /// <summary>For the teacher alone: its total as shown, empty while it has none.</summary>
    public string? TotalText { get; init; }

    internal static TeamOnStrip Of(TeamSheet sheet, int touched, bool teacher) =>
        new(sheet.Team, touched, sheet.Status, sheet.Late is not null) { TotalText = teacher ? sheet.TotalText : null };
}
