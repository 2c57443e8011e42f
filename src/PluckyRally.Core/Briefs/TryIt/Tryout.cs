using PluckyRally.Core.Checks;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Briefs;

/// <summary>Something of a pretend team that can be moved, to see what it does to the points.</summary>
/// <param name="Id">Names it: a measure's id, or a part's id with what of it.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Unit">Its unit; empty where there is none.</param>
/// <param name="Low">The smallest value.</param>
/// <param name="High">The largest.</param>
/// <param name="Step">The distance of two values.</param>
/// <param name="Words">For levels: the words of the values from 0.</param>
public sealed record TryHandle(
    string Id,
    string Name,
    string Unit,
    decimal Low,
    decimal High,
    decimal Step,
    IReadOnlyList<string> Words
)
{
    /// <summary>
    /// Whether a good team has less of it: for rehearsals, where who is good at one thing is good at others.
    /// </summary>
    internal bool LessIsBetter { get; init; }
}

/// <summary>A team that is only pretended.</summary>
public sealed record PretendTeam
{
    /// <summary>What it is called.</summary>
    public required string Name { get; init; }

    /// <summary>For each handle, by its id, where it stands; one that is not here stands in the middle.</summary>
    public IReadOnlyDictionary<string, decimal> Values { get; init; } = new Dictionary<string, decimal>();

    /// <summary>The inspections that it misses, by the rules' ids.</summary>
    public IReadOnlyList<string> Missed { get; init; } = [];
}

/// <summary>A point of a curve.</summary>
/// <param name="X">The value.</param>
/// <param name="Y">The points.</param>
public sealed record CurvePoint(decimal X, decimal Y);

/// <summary>Where a pretend team stands on a curve.</summary>
/// <param name="Team">The team's name.</param>
/// <param name="X">Its value.</param>
/// <param name="Y">Its points, before the weight.</param>
public sealed record CurveMark(string Team, decimal X, decimal Y);

/// <summary>A part's curve, ready to be drawn.</summary>
/// <param name="Part">The part's id.</param>
/// <param name="Name">The part's name.</param>
/// <param name="Across">What runs along it, with its unit.</param>
/// <param name="Line">Its points, from left to right; drawn as steps where two have one value.</param>
/// <param name="Marks">Where the teams stand.</param>
public sealed record CurveLine(
    string Part,
    string Name,
    string Across,
    IReadOnlyList<CurvePoint> Line,
    IReadOnlyList<CurveMark> Marks
);

/// <summary>What comes of pretend results.</summary>
/// <param name="Handles">What can be moved.</param>
/// <param name="Rules">The inspections, which a team can miss.</param>
/// <param name="Teams">Where the teams' handles stand.</param>
/// <param name="Standings">Their points and places, as a real rally would have them, with the reasons.</param>
/// <param name="Curves">The curves of the parts that have one.</param>
public sealed record Tryout(
    IReadOnlyList<TryHandle> Handles,
    IReadOnlyList<TryRule> Rules,
    IReadOnlyList<PretendTeam> Teams,
    Standings Standings,
    IReadOnlyList<CurveLine> Curves
)
{
    /// <summary>Teams that can be tried at once.</summary>
    public const int MostTeams = 6;

    /// <summary>Scores pretend teams by the same rules as real ones, or says what is wrong with their values.</summary>
    public static Result<Tryout> Run(CompiledEdition compiled, IReadOnlyList<PretendTeam> teams)
    {
        var found = new ProblemCollector();
        found.Count(teams, MostTeams, "/teams", "teams");
        if (found.Problems.Count > 0)
            return Result<Tryout>.Refused(found.Problems);
        var handles = TryHandles.Of(compiled);
        var full = teams
            .Select(
                (t, i) =>
                    t with
                    {
                        Values = handles.ToDictionary(
                            h => h.Id,
                            h => t.Values.TryGetValue(h.Id, out var v) ? v : Middle(h, i, teams.Count)
                        ),
                    }
            )
            .ToList();
        var real = full.Select(
                (t, i) =>
                    new Team
                    {
                        Id = new($"pretend{i + 1}"),
                        Name = t.Name,
                        Members = 4,
                    }
            )
            .ToList();
        var log = new List<Entry>();
        for (var i = 0; i < full.Count; i++)
        {
            foreach (var entry in SampleResults.Entries(compiled, full[i], real, i))
            {
                var inner = new ProblemCollector($"/teams/{i}");
                log.Add(Recorder.Understand(compiled, real, entry, inner));
                found.Under("", inner);
            }
        }

        if (found.Problems.Count > 0)
            return Result<Tryout>.Refused(found.Problems);
        var standings = RoundResult.Of(RunRound.Alike(compiled, real, 1), StandingLog.Of(log)).Standings;
        var rules = compiled
            .Rules.OfType<RulePlan.Inspection>()
            .Select(r => new TryRule(r.Rule.Id, r.Rule.Text))
            .ToList();
        return Result<Tryout>.Ok(new(handles, rules, full, standings, CurveLines.Of(compiled, standings)));
    }

    /// <summary>Teams that nobody has moved yet stand apart, the first highest.</summary>
    private static decimal Middle(TryHandle handle, int team, int teams)
    {
        var raw = handle.Low + ((handle.High - handle.Low) * (teams - team) / (teams + 1));
        return handle.Low + Rounding.ToStep(raw - handle.Low, handle.Step);
    }
}

/// <summary>An inspection that a pretend team can miss.</summary>
/// <param name="Rule">The rule's id.</param>
/// <param name="Text">The rule.</param>
public sealed record TryRule(string Rule, string Text);
