using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>Everything that is known of a team's result in numbers, for whoever works on with it.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Design">The design that stands for it; empty where it has only a nameless one.</param>
/// <param name="Rules">How each rule came out, once for each attempt where it is checked in every one.</param>
/// <param name="Figures">Every figure of the brief, with its value or why there is none.</param>
/// <param name="Parts">The points of each part, before and after floor, cap and weight.</param>
/// <param name="Deductions">Points lost to missed rules.</param>
/// <param name="Bonuses">Points won by meeting rules.</param>
/// <param name="Cards">Points by cards that were drawn.</param>
/// <param name="Against">How its figures stand to those of the comparisons, where there are any.</param>
public sealed record TeamDetail(
    TeamId Team,
    string Design,
    IReadOnlyList<RuleDetail> Rules,
    IReadOnlyList<FigureDetail> Figures,
    IReadOnlyList<PointsDetail> Parts,
    IReadOnlyList<RulePoints> Deductions,
    IReadOnlyList<RulePoints> Bonuses,
    IReadOnlyList<CardPoints> Cards,
    IReadOnlyList<AgainstReference> Against
)
{
    /// <summary>The details of a round, in order of standing.</summary>
    public static IReadOnlyList<TeamDetail> Of(OpenedRally opened, int round)
    {
        var came = opened.Result(round);
        var references = ReferenceFigure.Of(came);
        return [.. came.Teams.Select(r => Of(came.Run.Compiled, r, references))];
    }

    private static TeamDetail Of(
        CompiledEdition compiled,
        TeamResult result,
        IReadOnlyList<ReferenceFigure> references
    ) =>
        new(
            result.Team.Id,
            result.Assessment.Design.Name,
            [
                .. result.Assessment.Rules.Select(r => new RuleDetail(
                    r.Rule.Id,
                    r.State,
                    r.Attempt,
                    r.TooNear,
                    r.Found?.SayValue() ?? "",
                    r.Found?.SayLimit() ?? "",
                    r.Excess
                )),
            ],
            [.. compiled.Figures.All.Select(f => FigureDetail.Of(f, f.Of(result.Design.Facts)))],
            [
                .. result.Parts.Select(p => new PointsDetail(
                    p.Plan.Part.Id,
                    p.Curve,
                    p.Clamped,
                    p.Plan.Part.Weight,
                    p.Points,
                    p.Pool.Rank > 0 ? p.Pool.Rank : null
                )),
            ],
            [.. result.Design.Deductions.Select(d => new RulePoints(d.Outcome.Rule.Id, d.Points, d.Outcome.Attempt))],
            [.. result.Design.Bonuses.Select(b => new RulePoints(b.Rule.Id, b.Points))],
            [.. result.Design.Cards.Select(c => new CardPoints(c.Card.Id, c.Points))],
            [
                .. from line in references.Where(r => r.Reference.IsFor(result.Team.Id))
                where
                    line.Reference.Of != default
                    || references.All(o =>
                        (o.Figure, o.Reference.Purpose, o.Reference.Of)
                        != (line.Figure, line.Reference.Purpose, result.Team.Id)
                    )
                let figure = compiled.Figures.All.FirstOrDefault(f => f.Id == line.Figure)
                where figure is not null
                let value = figure.Of(result.Design.Facts)
                where value.HasValue
                select new AgainstReference(
                    line.Figure,
                    line.Reference.Purpose,
                    line.Reference.Name,
                    line.Value,
                    figure.Shown.IsAmount && value.Number > 0 && line.Value > 0 ? value.Number / line.Value : null
                ),
            ]
        );
}

/// <summary>How a rule came out.</summary>
/// <param name="Rule">The rule's id.</param>
/// <param name="State">Met, missed, still to check, or nothing to check.</param>
/// <param name="Attempt">The attempt, for a rule that is checked in every one.</param>
/// <param name="TooNear">Within half a step of the limit.</param>
/// <param name="Value">What was compared with the limit, as shown.</param>
/// <param name="Limit">The limit, as shown.</param>
/// <param name="Excess">By how much it was missed, in the unit of the value.</param>
public sealed record RuleDetail(
    string Rule,
    RuleState State,
    int? Attempt,
    bool TooNear,
    string Value,
    string Limit,
    decimal Excess
);

/// <summary>A figure's value for a team.</summary>
/// <param name="Figure">The figure's id.</param>
/// <param name="Value">The number; absent where there is none.</param>
/// <param name="Bound">Whether the number is exact or a bound.</param>
/// <param name="Shown">The value as it is shown.</param>
/// <param name="NotYet">Where there is none: whether recording can still bring one.</param>
/// <param name="Why">Where there is none: why.</param>
public sealed record FigureDetail(string Figure, decimal? Value, Bound Bound, string Shown, bool NotYet, string Why)
{
    internal static FigureDetail Of(Figure figure, BoundedValue value) =>
        value.Absent is { } absent
            ? new(figure.Id, null, value.Bound, "", absent.NotYet, absent.Say())
            : new(figure.Id, value.Number, value.Bound, figure.Show(value), false, "");
}

/// <summary>A part's points on their way to the total.</summary>
/// <param name="Part">The part's id.</param>
/// <param name="Curve">By the curve, or the “no success” points.</param>
/// <param name="Clamped">After floor and cap.</param>
/// <param name="Weight">What they are multiplied by.</param>
/// <param name="Points">As they are added; absent while there are none.</param>
/// <param name="Place">The team's place in this part, where the curve compares teams.</param>
public sealed record PointsDetail(
    string Part,
    decimal Curve,
    decimal Clamped,
    decimal Weight,
    decimal? Points,
    int? Place
);

/// <summary>Points by a rule.</summary>
/// <param name="Rule">The rule's id.</param>
/// <param name="Points">How many, always above zero.</param>
/// <param name="Attempt">The attempt, for a rule that is checked in every one.</param>
public sealed record RulePoints(string Rule, decimal Points, int? Attempt = null);

/// <summary>Points by a card that was drawn.</summary>
/// <param name="Card">The card's id.</param>
/// <param name="Points">How many, as they are added: below zero they cost.</param>
public sealed record CardPoints(string Card, decimal Points);
