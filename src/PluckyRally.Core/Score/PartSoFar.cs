using PluckyRally.Core.Briefs;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Score;

/// <summary>What has been recorded of a part that is not measured in trials, as a judge goes on from it.</summary>
/// <param name="Id">The part's id.</param>
/// <param name="Answers">
/// By what was asked: for a task its steps, for a leg (by its number) and for <c>time</c> the time as shown, for a
/// fault, a counter and something bought how many, for <c>items</c> how many were brought over, for <c>heat</c> the
/// heat that it ran in, for an item its bin, for a level whose word it is (a team's id, nothing for the team's own,
/// <c>by:</c> and the name of a judge), a bar and the criterion.
/// </param>
/// <param name="Sequence">For an order: the items' ids as the team has them.</param>
/// <param name="Pieces">For pieces: what was counted.</param>
/// <param name="Working">How it is worked out so far, a sentence a line.</param>
/// <param name="Points">Its points; empty while there are none.</param>
public sealed record PartSoFar(
    string Id,
    IReadOnlyDictionary<string, string> Answers,
    IReadOnlyList<string> Sequence,
    IReadOnlyList<PieceGroup> Pieces,
    IReadOnlyList<string> Working,
    string Points
)
{
    /// <summary>
    /// For pieces: whether they are to be measured, because their points or a rule look at their size.
    /// </summary>
    public bool Measured { get; init; }

    /// <summary>
    /// What several people answered and not in the same way, as long as nobody has said which answer it is: the last of
    /// each, and the last of all at the end.
    /// </summary>
    public IReadOnlyList<IReadOnlyList<GivenAnswer>> Twice { get; init; } = [];

    /// <summary>For a budget: what the team pays for each thing now.</summary>
    public IReadOnlyList<PriceNow> Prices { get; init; } = [];

    /// <summary>For a budget: what is left to spend, or what was overspent, as it is shown; empty elsewhere.</summary>
    public string Left { get; init; } = "";

    internal static PartSoFar Of(OpenedRally opened, int round, PartPlan plan, TeamResult result, int at)
    {
        var compiled = opened.In(round).Compiled;
        var part = plan.Part;
        var design = result.Assessment.Design;
        var value = result.Assessment.Values[at];
        var points = result.Parts[at].Points;
        var answers = plan.Answers(design);
        return new(
            part.Id,
            answers.Given.GroupBy(a => a.Asked).ToDictionary(g => g.Key, g => g.Last().Answer),
            answers.Sequence,
            answers.Pieces,
            value.State == PartState.Unfinished ? [] : [.. value.Steps.Select(s => s.Say())],
            points is { } number && value.State != PartState.Unfinished && result.Owns(plan)
                ? MethodWords.Points(number)
                : ""
        )
        {
            Measured =
                plan is PartPlan.Pieces pieces
                && (pieces.PointsNeedSize || compiled.Rules.Any(r => r.NeedsSizeOf(pieces))),
            Prices = plan is PartPlan.Budget budget ? Charges.Now(opened, round, result.Team, budget.Definition) : [],
            Left = plan is PartPlan.Budget ? BudgetWords.SayLeft(value.Facts[1].Number, (Part.Budget)part) : "",
            Twice = TwoAnswers.Differing(compiled, part, design),
        };
    }
}
