using PluckyRally.Core.Briefs;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Time;

namespace PluckyRally.Web.Briefs;

/// <summary>What can be chosen while a brief is written.</summary>
/// <param name="Patterns">Patterns to begin from.</param>
/// <param name="Grades">Bands of grades.</param>
/// <param name="Units">For each kind of measure its units.</param>
/// <param name="Standards">Standards of engineering design.</param>
/// <param name="Cautions">Hazards and their cautions.</param>
/// <param name="SchoolFirst">The line that goes with every caution.</param>
/// <param name="Categories">Usual categories of materials.</param>
/// <param name="Phases">Phases of a lesson.</param>
/// <param name="Summaries">Summaries of readings.</param>
/// <param name="Jobs">The usual jobs in a team.</param>
public sealed record Choices(
    IReadOnlyList<PatternInfo> Patterns,
    IReadOnlyList<Named<GradeBand>> Grades,
    IReadOnlyList<UnitsOfKind> Units,
    IReadOnlyList<Standard> Standards,
    IReadOnlyList<Caution> Cautions,
    string SchoolFirst,
    IReadOnlyList<string> Categories,
    IReadOnlyList<Named<PhaseKind>> Phases,
    IReadOnlyList<Named<SummaryKind>> Summaries,
    IReadOnlyList<Job> Jobs
)
{
    internal static Choices All { get; } =
        new(
            PatternInfo.All,
            [.. Enum.GetValues<GradeBand>().Select(b => new Named<GradeBand>(b, GradeBands.Name(b)))],
            [
                .. Enum.GetValues<MeasureKind>()
                    .Select(k => new UnitsOfKind(k, Core.Readings.Units.For(k), Core.Readings.Units.Usual(k))),
            ],
            Core.Briefs.Standards.All,
            Core.Briefs.Cautions.All,
            Core.Briefs.Cautions.SchoolFirst,
            Material.UsualCategories,
            [.. Enum.GetValues<PhaseKind>().Select(k => new Named<PhaseKind>(k, Minutes.Name(k)))],
            [.. Enum.GetValues<SummaryKind>().Select(k => new Named<SummaryKind>(k, Core.Briefs.Summaries.Name(k)))],
            Core.Teams.Jobs.Usual
        );
}

/// <summary>A choice and what it is called.</summary>
public sealed record Named<T>(T Value, string Name);

/// <summary>The units that a kind of measure can be read in; empty where it has none of fixed size.</summary>
/// <param name="Kind">The kind.</param>
/// <param name="Units">Its units.</param>
/// <param name="Usual">The one that is usual.</param>
public sealed record UnitsOfKind(MeasureKind Kind, IReadOnlyList<string> Units, string Usual);
