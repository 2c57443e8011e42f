using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Kit;

/// <summary>What a class needs of one material.</summary>
/// <param name="Material">The material.</param>
/// <param name="EachTeam">What one team gets in all; absent where it is for the class or has no limit.</param>
/// <param name="Total">What the class needs, spares included; pieces are rounded up once, here. Absent where there is
/// no limit.</param>
/// <param name="InCupboard">What there is of it.</param>
/// <param name="Short">What is missing.</param>
/// <param name="Packs">Packs to buy; absent where it is bought by the piece.</param>
/// <param name="Over">What of the last pack is left over.</param>
/// <param name="Cost">What buying it costs; absent where it has no price.</param>
/// <param name="CountedOut">Whether a team counts it out and back in.</param>
/// <param name="ByFunds">Whether the brief names no amount and it is sold: then it is counted as if each team spent all
/// its funds on it.</param>
public sealed record KitLine(
    Material Material,
    decimal? EachTeam,
    decimal? Total,
    decimal InCupboard,
    decimal Short,
    int? Packs,
    decimal Over,
    decimal? Cost,
    bool CountedOut,
    bool ByFunds = false
);

/// <summary>Everything that a class needs, against what is in the cupboard.</summary>
/// <param name="Lines">A line for each material.</param>
/// <param name="Cost">What everything costs that has to be bought.</param>
/// <param name="CostEachTeam">The same for one team.</param>
/// <param name="Missing">How many materials are short.</param>
public sealed record KitList(IReadOnlyList<KitLine> Lines, decimal Cost, decimal CostEachTeam, int Missing)
{
    /// <summary>The list of an edition for a class whose teams are not made yet.</summary>
    /// <param name="brief">The brief as it is run.</param>
    /// <param name="teams">Members of each team; 0 counts as the size that the brief expects.</param>
    /// <param name="cupboard">What there is.</param>
    public static KitList Of(Brief brief, IReadOnlyList<int> teams, IReadOnlyList<CupboardItem> cupboard) =>
        Of(brief, Unmade(teams), cupboard);

    /// <summary>Teams of which only the sizes are known.</summary>
    public static IReadOnlyList<Team> Unmade(IReadOnlyList<int> members) =>
        [
            .. members.Select(
                (size, i) =>
                    new Team
                    {
                        Id = new($"{i}"),
                        Name = "",
                        Members = size,
                    }
            ),
        ];

    /// <summary>
    /// The list of an edition for teams: what only some get is counted for those that have its card, and what was drawn
    /// as it was.
    /// </summary>
    /// <param name="brief">The brief as it is run.</param>
    /// <param name="teams">The teams.</param>
    /// <param name="cupboard">What there is.</param>
    public static KitList Of(Brief brief, IReadOnlyList<Team> teams, IReadOnlyList<CupboardItem> cupboard)
    {
        var there = new OnHand(cupboard);
        var lines = brief
            .Materials.Where(m => m is { Off: false, Name.Length: > 0 })
            .Select(m => Line(m, brief, teams, there))
            .ToList();
        var cost = lines.Sum(l => l.Cost ?? 0);
        return new(lines, cost, teams.Count > 0 ? cost / teams.Count : 0, lines.Count(l => l.Short > 0));
    }

    /// <summary>
    /// What bags can be drawn from, where a brief has them drawn: whole pieces, as many as the class needs or the
    /// cupboard holds.
    /// </summary>
    /// <param name="brief">The brief as it is run.</param>
    public IReadOnlyList<BagItem> ForBags(Brief brief) =>
        brief.Pattern != Pattern.DrawABag
            ? []
            :
            [
                .. Lines
                    .Where(l => l.Material.IsForBags)
                    .Select(l => new BagItem(
                        l.Material.Name,
                        l.Material.Category,
                        Rounding.Whole(Math.Floor(Math.Max(l.Total ?? 0, l.InCupboard))),
                        l.Material.Price ?? 1,
                        l.Material.Id
                    )),
            ];

    private static KitLine Line(Material material, Brief brief, IReadOnlyList<Team> teams, OnHand there)
    {
        if (material.Amount is null && ForFunds(material, brief) is { } most)
            return Line(material with { Amount = most, Per = Per.Team }, brief, teams, there) with
            {
                Material = material,
                ByFunds = true,
            };
        var stock = there.Of(material);
        if (material.Amount is not { } amount)
            return new(material, null, null, stock, 0, null, 0, null, false);
        var each = teams.Select(t => Each(material, amount, brief, t)).ToList();
        var ofTeams = !material.IsOfClass;
        var all = material.Per switch
        {
            Per.Class or Per.Round => amount,
            Per.Lane => amount * Places(brief),
            Per.Heat => amount * ((teams.Count + Places(brief) - 1) / Places(brief)),
            Per.Team or Per.Member or Per.Attempt or Per.FreshBuild => Dealt(material, brief, teams) is { } expected
                ? Math.Min(expected, teams.Count)
                    * teams
                        .Select(t => Each(material, amount, brief, Holder(material, brief, t)))
                        .DefaultIfEmpty(0)
                        .Max()
                : each.Sum(),
        };
        all += FromCards(material, brief, teams);
        var withSpares = material.SparesInPercent ? all * (1 + (material.Spares / 100)) : all + material.Spares;
        var total = material.Unit.Length == 0 ? Math.Ceiling(withSpares) : withSpares;
        var buying = there.IsAlwaysThere(material.Name, material.Unit)
            ? Buying.Nothing
            : Buying.Of(total, stock, material.Pack, material.Price);
        var one = ofTeams
            ? teams.Count > 0
                ? each.Max()
                : Each(material, amount, brief, new Team { Id = default, Name = "" })
            : (decimal?)null;
        return new(
            material,
            one,
            total,
            stock,
            buying.Short,
            buying.Packs,
            buying.Over,
            buying.Cost,
            one is not null && material.IsCountedOut
        );
    }

    /// <summary>
    /// How much of it a team can buy at most where a part sells it; null where none does, or for nothing.
    /// </summary>
    private static decimal? ForFunds(Material material, Brief brief) =>
        brief
            .Method.Parts.OfType<Part.Budget>()
            .Where(p => !p.Off)
            .SelectMany(p =>
                p.Prices.Where(sold => sold.Each > 0 && sold.Material == material.Id)
                    .Select(sold => (decimal?)(Math.Floor(p.Funds / sold.Each) * sold.Amount))
            )
            .Max();

    /// <summary>How many fresh builds the attempts of a round can ask for, after the first build.</summary>
    internal static int FreshBuilds(Brief brief) =>
        brief.Trials.FreshBuilds ?? (brief.Trials.FreshBuildAfterFailure ? brief.Trials.Attempts - 1 : 0);

    /// <summary>What one team gets of a material.</summary>
    private static decimal Each(Material material, decimal amount, Brief brief, Team team)
    {
        if (team.Bag is { } bag && material.IsForBags)
            return bag.Where(b => b.Material == material.Id).Sum(b => b.Amount);
        if (
            DealOf(material, brief) is { } deal
            && (deal.Drawn == DealtWhen.InLesson || team.Dealt.Any(d => d.Deal == deal.Id))
            && !team.Has(material.OnlyFor)
        )
            return 0;
        return HeldCard.Of(brief, team).Sum(c => c.Gives(material))
            + amount
                * material.Per switch
                {
                    Per.Member => team.Members > 0 ? team.Members : brief.Timing.TeamSize,
                    Per.Attempt => brief.Trials.Attempts,
                    Per.FreshBuild => 1 + FreshBuilds(brief),
                    Per.Team or Per.Class or Per.Lane or Per.Heat or Per.Round => 1,
                };
    }

    /// <summary>
    /// How many teams will have a material's card, as long as it is not dealt; null where it is, or where all get the
    /// material.
    /// </summary>
    private static int? Dealt(Material material, Brief brief, IReadOnlyList<Team> teams)
    {
        if (DealOf(material, brief) is not { } deal)
            return null;
        if (deal.Drawn == DealtWhen.BeforeLesson && teams.Any(t => t.Dealt.Any(d => d.Deal == deal.Id)))
            return null;
        return deal.Cards.First(c => c.Id == material.OnlyFor).Count
            ?? ((teams.Count + deal.Cards.Count - 1) / deal.Cards.Count);
    }

    /// <summary>A team as if it had the material's card.</summary>
    private static Team Holder(Material material, Brief brief, Team team) =>
        DealOf(material, brief) is { } deal && !team.Has(material.OnlyFor)
            ? team with
            {
                Dealt = [.. team.Dealt, new DealtCard(deal.Id, material.OnlyFor)],
            }
            : team;

    /// <summary>What cards give of it that can still be drawn in the lesson.</summary>
    private static decimal FromCards(Material material, Brief brief, IReadOnlyList<Team> teams) =>
        brief
            .Deals.Where(d => d is { Off: false, Drawn: DealtWhen.InLesson })
            .SelectMany(d => d.Cards)
            .Where(c => !teams.Any(t => t.Has(c.Id)))
            .Sum(c => new HeldCard(c, null).Gives(material) * (c.For == CardFor.All ? teams.Count : c.Count ?? 1));

    private static Deal? DealOf(Material material, Brief brief) =>
        material.OnlyFor.Length == 0
            ? null
            : brief.Deals.FirstOrDefault(d => !d.Off && d.Cards.Any(c => c.Id == material.OnlyFor));

    /// <summary>Places at which teams are tested at once.</summary>
    internal static int Places(Brief brief) =>
        Math.Max(
            1,
            brief
                .Timing.Phases.Where(p => p is { Kind: PhaseKind.Test, TeamByTeam: true })
                .Select(p => p.TestBays)
                .DefaultIfEmpty(1)
                .Max()
        );
}
