using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Kit;

/// <summary>One material of a team's kit.</summary>
/// <param name="Material">The material's id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Unit">Its unit; empty for pieces.</param>
/// <param name="Reusable">Whether all of it is to come back.</param>
/// <param name="Due">What the brief gives the team.</param>
/// <param name="Out">What was handed out; absent while it is not counted.</param>
/// <param name="Back">What came back; absent while it is not counted.</param>
/// <param name="Missing">Of what is to come back: how much did not; 0 while it is not counted.</param>
public sealed record TeamKitLine(
    string Material,
    string Name,
    string Unit,
    bool Reusable,
    decimal Due,
    decimal? Out,
    decimal? Back,
    decimal Missing
)
{
    /// <summary>What is to come back: what was handed out, else what is due; 0 of what is used up.</summary>
    public decimal DueBack => Reusable ? Out ?? Due : 0;
}

/// <summary>A team's kit: what is due, what was counted out and back, and who signed.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Lines">A line for each material that teams count.</param>
/// <param name="OutBy">Who signed for it; absent while it is not counted out.</param>
/// <param name="BackBy">Who gave it back; absent while it is not counted back.</param>
/// <param name="Says">How it stands, in a sentence.</param>
public sealed record TeamKit(TeamId Team, IReadOnlyList<TeamKitLine> Lines, string? OutBy, string? BackBy, string Says)
{
    /// <summary>What the brief gives the team, a line for each material.</summary>
    public required IReadOnlyList<string> Gets { get; init; }

    /// <summary>
    /// The kits of a round's teams. In a later round they are what is handed out for it: what its brief has otherwise
    /// than the round before.
    /// </summary>
    public static IReadOnlyList<TeamKit> Of(RunRound run, StandingLog log)
    {
        var counts = log.OfType<Entry.KitCounted>().Where(c => c.Round == run.Number).ToLookup(c => (c.Team, c.Way));
        var brief = HandedOut(run);
        return
        [
            .. run.Present.Select(t =>
                Of(brief, t, counts[(t.Id, KitWay.Out)].LastOrDefault(), counts[(t.Id, KitWay.Back)].LastOrDefault())
            ),
        ];
    }

    /// <summary>What was drawn into a team's bag, a line for each material; empty where nothing was.</summary>
    public static IReadOnlyList<string> SayBag(Brief brief, Team team) =>
        [
            .. from amount in team.Bag ?? []
            let material = brief.Materials.FirstOrDefault(m => m.Id == amount.Material)
            where material is not null
            select Material.So(amount.Amount, material.Unit, material.Name),
        ];

    /// <summary>
    /// The brief of a round with no more materials than are handed out for it. In a later round that is all of it where
    /// teams build anew; else what is new, what each round gets, and what its fresh builds need.
    /// </summary>
    public static Brief HandedOut(RunRound run)
    {
        var brief = run.Compiled.Brief;
        return run.Before is not { } before || brief.Trials.BuildsAnew
            ? brief
            : brief with
            {
                Materials = [.. brief.Materials.Select(m => InLaterRound(m, brief, before)).OfType<Material>()],
            };
    }

    private static Material? InLaterRound(Material material, Brief brief, RunRound before) =>
        material.Per == Per.Round || !before.Compiled.Brief.Materials.Contains(material) ? material
        : material.Per == Per.FreshBuild && KitList.FreshBuilds(brief) is > 0 and var fresh
            ? material with
            {
                Per = Per.Team,
                Amount = material.Amount * fresh,
            }
        : null;

    private static TeamKit Of(Brief brief, Team team, Entry.KitCounted? handedOut, Entry.KitCounted? back)
    {
        var lines = KitList
            .Of(brief, [team], [])
            .Lines.Where(l => l is { CountedOut: true, EachTeam: not 0 })
            .Select(l => Line(l, handedOut, back))
            .ToList();
        return new(
            team.Id,
            lines,
            handedOut?.SignedBy,
            back?.SignedBy,
            Say(lines, handedOut is not null, back is not null)
        )
        {
            Gets = [.. lines.Select(l => Material.So(l.Due, l.Unit, l.Name))],
        };
    }

    private static TeamKitLine Line(KitLine line, Entry.KitCounted? handedOut, Entry.KitCounted? back)
    {
        var material = line.Material;
        decimal? In(Entry.KitCounted? count) => count?.Amounts.FirstOrDefault(a => a.Material == material.Id)?.Amount;
        var (given, returned) = (In(handedOut), In(back));
        var counted = new TeamKitLine(
            material.Id,
            material.Name,
            material.Unit,
            material.Reusable,
            line.EachTeam ?? 0,
            given,
            returned,
            Missing: 0
        );
        return returned is { } came ? counted with { Missing = Math.Max(0, counted.DueBack - came) } : counted;
    }

    private static string Say(List<TeamKitLine> lines, bool handedOut, bool back)
    {
        if (!handedOut && !back)
            return lines.Count == 0 ? "Nothing to count out." : "Not counted out yet.";
        var missing = lines.Where(l => l.Missing > 0).Select(l => Material.So(l.Missing, l.Unit, l.Name)).ToList();
        if (back)
            return missing.Count > 0 ? $"Missing: {string.Join(", ", missing)}." : "Everything is back.";
        var other = lines
            .Where(l => l.Out is { } given && given != l.Due)
            .Select(l => $"{Numerals.Write(l.Out!.Value)} {l.Name} in place of {Numerals.Write(l.Due)}")
            .ToList();
        return other.Count > 0 ? $"Counted out, with {string.Join(", ", other)}." : "Counted out.";
    }
}
