using PluckyRally.Core.Briefs;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Teams;

/// <summary>Says what cards do.</summary>
internal static class CardWords
{
    /// <summary>What a card does, a sentence each, with the rules and materials that only it brings.</summary>
    public static IReadOnlyList<string> Say(Brief brief, Deal deal, DealCard card) =>
        [
            .. card.Effects.Select(e => e.Say(brief, card)).Where(s => s.Length > 0),
            .. brief
                .Rules.Where(r => !r.Off && r.OnlyFor == card.Id && r.Text.Length > 0)
                .Select(r => $"{(deal.Drawn == DealtWhen.InLesson ? "New rule" : "Rule")}: {r.Text}."),
            .. brief
                .Materials.Where(m => !m.Off && m.OnlyFor == card.Id && m.Name.Length > 0)
                .Select(m => $"Material: {m.Says()}."),
        ];

    public static string SayPrice(CardEffect.Price effect, Part.Budget part, Price price, CardLasts lasts)
    {
        var name = SentenceCase.Beginning(price.Name);
        var change = effect.How switch
        {
            PriceChange.To => $"{BudgetScore.Show(effect.Amount, part)} each",
            PriceChange.By =>
                $"{BudgetScore.Show(Math.Abs(effect.Amount), part)} {(effect.Amount < 0 ? "less" : "more")} each",
            PriceChange.Times => effect.Amount switch
            {
                0.5m => "half the price",
                2 => "twice the price",
                var times => $"{Numerals.Write(times)} times the price",
            },
        };
        return lasts == CardLasts.Once ? $"{name}: {change}, the next time you buy." : $"{name}: {change} from now on.";
    }

    public static string SayForbidden(string name, bool material, CardLasts lasts) =>
        $"{SentenceCase.Beginning(name)}: no more may be {(material ? "used or bought" : "bought")}"
        + (lasts == CardLasts.Once ? " in this round." : " from now on.");

    public static string SayGiven(decimal amount, Material material, CardFor whom) =>
        $"{(whom == CardFor.All ? "Each team gets" : "You get")} "
        + $"{Material.So(amount, material.Unit, material.Name)} more.";

    public static string SayMinutes(decimal minutes) =>
        $"{English.Count(Math.Abs(minutes), "minute")} {(minutes < 0 ? "less" : "more")}.";

    public static string SayPoints(decimal points, WinningDirection wins) =>
        MethodWords.Points(Math.Abs(points))
        + ((points > 0) == (wins == WinningDirection.Highest) ? " more." : " less.");

    /// <summary>What points of a card did to a total.</summary>
    public static string SayInTotal(DealCard card, decimal points, WinningDirection wins) =>
        $"The card “{card.Name}” gives {SentenceCase.Sentence(SayPoints(points, wins))}";
}
