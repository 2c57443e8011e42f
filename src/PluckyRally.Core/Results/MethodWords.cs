using PluckyRally.Core.Briefs;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>Says in the students' words how points are worked out.</summary>
public static class MethodWords
{
    /// <summary>What is said where teams have no places.</summary>
    public const string NobodyWins = "Nobody wins or loses: each team looks at its own result.";

    /// <summary>Which total wins.</summary>
    public static string Wins(Method method) =>
        method.Wins == Briefs.WinningDirection.Highest
            ? "The highest total wins."
            : "The lowest total wins: fewer points are better.";

    /// <summary>The whole method, a sentence for each thing a student should know.</summary>
    public static IReadOnlyList<string> Say(CompiledEdition compiled) =>
        [
            .. compiled.Parts.Select(Say),
            compiled.Brief.Method.Ranking ? Wins(compiled.Brief.Method) : NobodyWins,
            .. compiled.Brief.Method.Ranking && compiled.TieBreaks.Count > 0
                ? new[]
                {
                    "If totals are equal, this decides: "
                        + string.Join(
                            ", then ",
                            compiled.TieBreaks.Select(t => SentenceCase.Sentence(t.Definition.Name))
                        )
                        + ".",
                }
                : [],
        ];

    /// <summary>A number of points with the word.</summary>
    public static string Points(decimal points) =>
        $"{Numerals.Write(points)} {(points is 1 or -1 ? "point" : "points")}";

    /// <summary>Points for one of a part's value: "2 points for each cm", "2 points each" for a bare number.</summary>
    internal static string Each(decimal points, PartPlan plan) =>
        Points(points) + (plan.UnitSingular.Length > 0 ? $" for each {plan.UnitSingular}" : " each");

    /// <summary>What a rate with a start gives: "5 points to start with, plus 1 point for each cm".</summary>
    internal static string FromStart(Curve.Rate rate, PartPlan plan) =>
        $"{Points(rate.Start)} to start with, {(rate.PerUnit < 0 ? "minus" : "plus")} "
        + Each(Math.Abs(rate.PerUnit), plan);

    private static string Say(PartPlan plan) => $"{plan.Part.Name}: {plan.Say()}";
}
