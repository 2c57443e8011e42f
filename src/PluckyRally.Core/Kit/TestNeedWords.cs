using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Kit;

/// <summary>Says what the tables of a test take.</summary>
internal static class TestNeedWords
{
    /// <summary>Whether so much is enough, for how many places it is, or that it is not enough for one.</summary>
    public static string Say(TestNeed need, decimal there)
    {
        if (there >= need.AtOnce)
            return "Enough.";
        var missing = need.AtOnce - there;
        var more = $"Get {$"{Numerals.Write(Shown(need, missing))} {need.Unit}".TrimEnd()} more";
        var places = need.OneTest > 0 ? (int)(there / need.OneTest) : need.Places;
        return places switch
        {
            0 => $"Not enough for one test. {more}.",
            1 => $"Enough for one test at a time. {more}, or test one team at a time.",
            _ => $"Enough for {places} tests at a time. {more}, or test {places} teams at a time.",
        };
    }

    /// <summary>What the brief plans too little of, for a snag.</summary>
    public static string SayTooFew(TestNeed need) =>
        (need.Places == 1 ? "A test takes" : $"{need.Places} tests at once take")
        + $" up to {SayAmount(need, need.AtOnce)}, and the brief has {SayAmount(need, need.Planned ?? 0)}.";

    private static string SayAmount(TestNeed need, decimal amount) =>
        Material.So(Shown(need, amount), need.Unit, need.Name);

    private static decimal Shown(TestNeed need, decimal amount) =>
        Rounding.ToStep(amount, need.Unit.Length == 0 ? 1 : 0.1m);
}
