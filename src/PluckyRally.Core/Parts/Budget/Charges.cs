using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Parts;

/// <summary>
/// What each thing cost that was bought: the price that held when it was, with the cards of the team.
/// <list type="bullet">
/// <item>A device that did not know yet of a card or of a changed price sells by what it showed.</item>
/// <item>One that knew is held to it.</item>
/// <item>Without a price of its own, an entry cost what the brief said as its device knew it.</item>
/// </list>
/// </summary>
internal static class Charges
{
    /// <summary>What stands, with what each purchase cost.</summary>
    /// <param name="stands">What stands.</param>
    /// <param name="at">How many entries the log had before each of them.</param>
    /// <param name="runs">The rounds as far as they differ.</param>
    /// <param name="editions">The brief as it was changed.</param>
    public static StandingLog Lay(
        StandingLog stands,
        IReadOnlyDictionary<EntryId, int> at,
        IReadOnlyList<RunRound> runs,
        ChangedEditions editions
    )
    {
        if (!stands.Any(e => e is Entry.Purchased))
            return stands;
        var bought = new List<(Entry.Purchased Entry, int At)>();
        return stands.Each(entry =>
        {
            if (entry is not Entry.Purchased purchased)
                return entry;
            var place = at[purchased.Id];
            var charged = Charged(purchased, place, runs[Math.Min(purchased.Round, runs.Count) - 1], editions, bought);
            bought.Add((purchased, place));
            return purchased with { Charged = charged };
        });
    }

    /// <summary>What was bought though a card of the team forbids it and whoever sold it knew.</summary>
    public static IEnumerable<(int At, Entry Entry, Problem Problem)> Forbidden(
        StandingLog stands,
        IReadOnlyDictionary<EntryId, int> at,
        IReadOnlyList<RunRound> runs
    )
    {
        if (!runs.Any(r => r.Teams.Any(t => t.Dealt.Count > 0)))
            yield break;
        foreach (var entry in stands.OfType<Entry.Purchased>())
        {
            if (Forbids(runs[Math.Min(entry.Round, runs.Count) - 1], entry, at[entry.Id]) is { } problem)
                yield return (at[entry.Id], entry, problem);
        }
    }

    /// <summary>Why a team may not buy something; null where it may, or where the device did not know.</summary>
    /// <param name="run">The round.</param>
    /// <param name="entry">What was bought.</param>
    /// <param name="at">How many entries the log had before it.</param>
    public static Problem? Forbids(RunRound run, Entry.Purchased entry, int at) =>
        Forbidding(run, entry).FirstOrDefault(c => c.WasThere(entry.EditionAsOf ?? at)) is { } card
            ? new(
                "/item",
                $"The card “{card.Card.Name}” forbids buying this.",
                "Buy something else, or cross out the card on the Run page."
            )
            : null;

    /// <summary>The cards of a team that forbid what it bought.</summary>
    private static IEnumerable<HeldCard> Forbidding(RunRound run, Entry.Purchased entry) =>
        run.Teams.FirstOrDefault(t => t.Id == entry.Team) is { } team
        && run
            .Compiled.Brief.Method.Parts.OfType<Part.Budget>()
            .FirstOrDefault(p => p.Id == entry.Part)
            ?.Prices.FirstOrDefault(p => p.Id == entry.Item)
            is { } price
            ? HeldCard.Of(run.Compiled.Brief, team).Where(c => c.Forbids(price))
            : [];

    /// <summary>What stands with one more entry, which changes no other.</summary>
    public static StandingLog Lay(
        StandingLog stands,
        Entry.Purchased accepted,
        IReadOnlyDictionary<EntryId, int> at,
        RunRound run,
        ChangedEditions editions
    )
    {
        var bought = stands
            .OfType<Entry.Purchased>()
            .Where(e => e.Team == accepted.Team && e.Part == accepted.Part && e.Item == accepted.Item)
            .Select(e => (e, at[e.Id]))
            .ToList();
        return stands.With(accepted with { Charged = Charged(accepted, at.Count, run, editions, bought) });
    }

    /// <summary>What a team pays now for each thing that a part sells.</summary>
    /// <param name="opened">The rally.</param>
    /// <param name="round">The round, from 1.</param>
    /// <param name="team">The team, with its cards.</param>
    /// <param name="part">The budget, its prices named.</param>
    public static IReadOnlyList<PriceNow> Now(OpenedRally opened, int round, Team team, Part.Budget part)
    {
        var cards = HeldCard.Of(opened.In(round).Compiled.Brief, team);
        if (cards.Count == 0)
            return [.. part.Prices.Select(p => new PriceNow(p.Id, p.Each, [], null))];
        var bought = opened
            .Stands.OfType<Entry.Purchased>()
            .Where(e => e.Team == team.Id && e.Part == part.Id)
            .Select(e => (Entry: e, At: opened.Places[e.Id]))
            .ToLookup(e => e.Entry.Item);
        return
        [
            .. from price in part.Prices
            let laid = WithCards(price.Each, part.Id, price.Id, cards, [.. bought[price.Id]])
            select new PriceNow(price.Id, laid.Each, laid.By, cards.FirstOrDefault(c => c.Forbids(price))?.Card.Name),
        ];
    }

    /// <summary>What a purchase cost; null where the brief's price holds and nothing is to be said.</summary>
    private static Charge? Charged(
        Entry.Purchased entry,
        int at,
        RunRound run,
        ChangedEditions editions,
        IReadOnlyList<(Entry.Purchased Entry, int At)> bought
    )
    {
        decimal? InBrief(CompiledEdition edition) =>
            edition
                .Brief.Method.Parts.OfType<Part.Budget>()
                .FirstOrDefault(p => p.Id == entry.Part)
                ?.Prices.FirstOrDefault(p => p.Id == entry.Item)
                ?.Each;

        var brief = InBrief(run.Compiled) ?? 0;
        var cards = run.Teams.FirstOrDefault(t => t.Id == entry.Team) is { } team
            ? HeldCard.Of(run.Compiled.Brief, team)
            : [];
        var before = bought
            .Where(b =>
                b.Entry.Team == entry.Team && b.Entry.Part == entry.Part && b.Entry.Item == entry.Item && b.At < at
            )
            .ToList();
        (decimal Each, IReadOnlyList<string> By) Laid(decimal? each, int entries) =>
            WithCards(each ?? brief, entry.Part, entry.Item, [.. cards.Where(c => c.WasThere(entries))], before);

        var asOf = Math.Clamp(entry.EditionAsOf ?? at, 0, at);
        var known = Laid(editions.Price(asOf, entry.Round, InBrief), asOf).Each;
        var (now, by) = Laid(editions.Price(at, entry.Round, InBrief), at);
        if (Forbidding(run, entry).FirstOrDefault(c => c.WasThere(at) && !c.WasThere(asOf)) is { } forbids)
            return new(entry.Each ?? known, new ChargeReason.ForbiddenSince(forbids.Card.Name));

        // A price that the device showed rightly is the brief's, and is changed with it.
        var rightly = Laid(InBrief(editions.When(entry, at)), asOf).Each;
        if (entry.Each is { } shown && shown != rightly && shown != now)
            return entry.EditionAsOf is null ? new(shown, new ChargeReason.ShownOtherwise(now))
                : known != now ? new(shown, new ChargeReason.BeforeItWasKnown(now))
                : new(now, new ChargeReason.HeldTo(shown));
        if (known != now && entry.Each != now)
            return new(known, new ChargeReason.BeforeItWasKnown(now));
        return by.Count > 0 ? new(now, new ChargeReason.ByCard(by))
            : now != brief ? new(now, new ChargeReason.BriefChange(brief))
            : null;
    }

    /// <summary>A price with cards laid over it in their order, and those that changed it.</summary>
    private static (decimal Each, IReadOnlyList<string> By) WithCards(
        decimal each,
        string part,
        string item,
        IReadOnlyList<HeldCard> cards,
        IReadOnlyList<(Entry.Purchased Entry, int At)> bought
    )
    {
        var by = new List<string>();
        foreach (var card in cards)
        {
            if (card.Reprices(part, item) is not { } effect)
                continue;
            if (card.Card.Lasts == CardLasts.Once && bought.Any(b => b.At > (card.Drawn?.Entries ?? -1)))
                continue;
            each = effect.Change(each);
            by.Add(card.Card.Name);
        }

        return (each, by);
    }
}

/// <summary>What something costs a team now.</summary>
/// <param name="Item">The price's id.</param>
/// <param name="Each">What one costs.</param>
/// <param name="By">The cards that changed it, by name.</param>
/// <param name="ForbiddenBy">The card that forbids buying it; absent where none does.</param>
public sealed record PriceNow(string Item, decimal Each, IReadOnlyList<string> By, string? ForbiddenBy);
