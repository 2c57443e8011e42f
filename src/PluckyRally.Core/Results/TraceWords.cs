using PluckyRally.Core.Briefs;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>Writes down the way from what was recorded to the place, a sentence for each step.</summary>
internal static class TraceWords
{
    public static IReadOnlyList<TraceStep> Write(CompiledEdition compiled, TeamResult result)
    {
        var steps = new List<TraceStep>();
        if (compiled.PassedOrNot)
            Passed(steps, compiled, result);
        steps.AddRange(
            result.Assessment.Rules.Where(r => r.State != RuleState.Met || r.TooNear || r.Rule.Bonus > 0).Select(Rule)
        );
        if (Design(result, compiled.Brief.Method) is { } design)
            steps.Add(Step(TraceKind.Value, "", design));
        foreach (var part in result.Parts)
            Part(steps, part, result.Assessment, compiled);
        foreach (var (rule, points) in result.Design.Bonuses)
            steps.Add(Bonus(rule, points, compiled.Brief.Method));
        foreach (var (card, points) in result.Design.Cards)
            steps.Add(Card(card, points, compiled.Brief.Method));
        foreach (var deduction in result.Design.Deductions)
            steps.Add(Deduction(deduction, compiled));
        Total(steps, compiled.Brief.Method, result);
        if (result.PartedBy is { } by)
            steps.Add(TieBreak(compiled, result, by));
        if (Place(compiled, result) is { } place)
            steps.Add(Step(TraceKind.Place, "", place));
        return steps;
    }

    private static TraceStep Step(
        TraceKind kind,
        string subject,
        string sentence,
        IReadOnlyList<EntryId>? entries = null
    ) => new(kind, subject, sentence, null, "", entries ?? []);

    private static TraceStep Card(DealCard card, decimal points, Method method)
    {
        var amount = method.Wins == WinningDirection.Highest ? points : -points;
        return new(
            TraceKind.Bonus,
            card.Id,
            CardWords.SayInTotal(card, points, method.Wins),
            amount,
            ReadingFormat.Points(amount, method.Precision),
            []
        );
    }

    /// <summary>
    /// Which design counts, why, and whether another would have given more; nothing where there is only a nameless one.
    /// </summary>
    private static string? Design(TeamResult result, Method method)
    {
        var name = result.Assessment.Design.Name;
        if (name.Length == 0 && result.By == ChosenBy.OnlyOne)
            return null;
        var why = result.By switch
        {
            ChosenBy.OnlyOne => "",
            ChosenBy.Best => ", the best one",
            ChosenBy.Last => ", the last one",
            ChosenBy.Named => ", because it was named",
        };
        var better = result.Better is { Total: { } total } other
            ? $" {Named(result.Record.Called(other.Assessment.Design.Name))} would have given "
                + ReadingFormat.WithBound(ReadingFormat.Points(total.Number, method.Precision), total.Bound)
                + "."
            : "";
        return $"The design that counts is {SentenceCase.Sentence(Named(result.Record.Called(name)))}{why}.{better}";
    }

    private static string Named(string design) => design.Length > 0 ? $"“{design}”" : "The first design";

    private static TraceStep Rule(RuleOutcome outcome)
    {
        var where = outcome.Attempt is { } attempt ? $" in attempt {attempt}" : "";
        var against = outcome.Found?.SayValue() is { Length: > 0 } value
            ? $" ({value}; the rule says {outcome.Found.SayLimit()})"
            : "";
        var near = outcome.TooNear ? " It is too close to call. Measure again." : "";
        var sentence = outcome.State switch
        {
            RuleState.Met => $"“{outcome.Rule.Text}”: met{where}{against}.",
            RuleState.Missed =>
                $"“{outcome.Rule.Text}”: {(outcome.Rule.IsBonus ? "not done" : "missed")}{where}{against}"
                    + (outcome.Rule.IsBonus ? ", so it earns no bonus." : "."),
            RuleState.ToCheck => $"“{outcome.Rule.Text}”: "
                + (outcome.Disputed ? "one judge says met and another missed" : "still to be checked")
                + $"{where}.",
            RuleState.NotChecked => $"“{outcome.Rule.Text}”: nothing to check{where}.",
        };
        return Step(TraceKind.Rule, outcome.Rule.Id, sentence + near);
    }

    /// <summary>What became of each attempt, and what the team did in all of them.</summary>
    private static void Passed(List<TraceStep> steps, CompiledEdition compiled, TeamResult result)
    {
        foreach (var fate in result.Assessment.Attempts)
            steps.Add(
                Step(
                    TraceKind.Attempt,
                    "",
                    $"Attempt {fate.Attempt.Number}: {fate.Say(compiled)}.",
                    [.. fate.Attempt.Trials.Select(t => t.Id)]
                )
            );
        if (AttemptFate.SayDone(result.Assessment.Design) is { Length: > 0 } done)
            steps.Add(Step(TraceKind.Value, "", SentenceCase.Beginning(done) + "."));
    }

    private static void Part(List<TraceStep> steps, PartResult result, Assessment assessment, CompiledEdition compiled)
    {
        var method = compiled.Brief.Method;
        var part = result.Plan.Part;
        if (result.Plan is PartPlan.Measured measured)
            Measured(steps, measured, result, assessment, compiled);
        steps.AddRange(result.Value.Steps.Select(step => Step(TraceKind.Value, part.Id, step.Say(), step.Entries)));
        switch (result.State)
        {
            case PartState.Unfinished:
                steps.Add(
                    Step(TraceKind.Value, part.Id, $"{part.Name} is not finished: {result.Value.Value.Absent!.Say()}.")
                );
                return;
            case PartState.NoSuccess:
            case PartState.NoValue:
                steps.Add(
                    Step(
                        TraceKind.Curve,
                        part.Id,
                        SentenceCase.Beginning(result.Value.Value.Absent!.Say())
                            + ", so this part scores its “no success” "
                            + $"points: {MethodWords.Points(result.Curve)}."
                    )
                );
                Extra();
                break;
            case PartState.Scored:
                // A part that gives points by its own rule has said so already.
                if (result.Plan.PointsByCurve)
                    steps.Add(Step(TraceKind.Curve, part.Id, result.Plan.Curve.Step(result.Plan, result)));
                Extra();
                if (result.Clamped != result.Curve + result.Value.PointsAfterCurve)
                    steps.Add(
                        Step(
                            TraceKind.Clamp,
                            part.Id,
                            result.Clamped < result.Curve + result.Value.PointsAfterCurve
                                ? $"This part scores at most {MethodWords.Points(result.Clamped)}."
                                : $"This part scores at least {MethodWords.Points(result.Clamped)}."
                        )
                    );
                break;
        }

        var weighted = result.Clamped * part.Weight;
        if (part.Weight != 1)
            steps.Add(
                Step(
                    TraceKind.Weight,
                    part.Id,
                    $"This part has weight {Numerals.Write(part.Weight)}: {Numerals.Write(part.Weight)} × "
                        + $"{Numerals.Write(result.Clamped)} = {Numerals.Write(weighted)}."
                )
            );
        if (weighted != result.Points)
            steps.Add(
                Step(
                    TraceKind.Rounding,
                    part.Id,
                    $"Rounded to the nearest {Numerals.Write(method.Precision)}: "
                        + $"{ReadingFormat.Points(result.Points!.Value, method.Precision)}."
                )
            );
        steps.Add(
            new(
                TraceKind.Points,
                part.Id,
                $"{part.Name}: {ReadingFormat.Points(result.Points!.Value, method.Precision)} "
                    + $"{(result.Points is 1 or -1 ? "point" : "points")}.",
                result.Points,
                ReadingFormat.Points(result.Points.Value, method.Precision),
                []
            )
        );

        void Extra()
        {
            if (result.Value.PointsAfterCurve != 0)
                steps.Add(
                    Step(
                        TraceKind.Curve,
                        part.Id,
                        $"{MethodWords.Points(result.Value.PointsAfterCurve)} for items brought over."
                    )
                );
        }
    }

    private static void Measured(
        List<TraceStep> steps,
        PartPlan.Measured plan,
        PartResult result,
        Assessment assessment,
        CompiledEdition compiled
    )
    {
        foreach (var attempt in result.Value.Attempts)
        {
            var sentence = attempt.Outcome switch
            {
                TrialOutcome.Failed =>
                    $"Attempt {attempt.Number} {AttemptFate.Of(attempt.Source, assessment.ByAttempt).Say(compiled)}"
                        + (plan.Way.TakesFailed ? $". It counts as {plan.Expression.Show(attempt.Value)}" : "")
                        + ".",
                TrialOutcome.Waiting => $"Attempt {attempt.Number}: "
                    + $"{AttemptFate.Of(attempt.Source, assessment.ByAttempt).Say(compiled)}.",
                TrialOutcome.Counted or TrialOutcome.Void when attempt.Value.Absent is { } absent =>
                    $"Attempt {attempt.Number}: no value, because {absent.Say()}.",
                TrialOutcome.Counted or TrialOutcome.Void => $"Attempt {attempt.Number}: {Working(plan, attempt)}"
                    + (
                        result.Value.Used.Contains(attempt.Number)
                        && plan.Definition.Combine == Combine.Best
                        && (result.Value.Combined is null || plan.Expression.Plain is not null)
                        && result.Value.Attempts.Count > 1
                            ? ", the best one"
                            : ""
                    )
                    + ".",
            };
            steps.Add(
                Step(
                    TraceKind.Attempt,
                    plan.Definition.Id,
                    sentence + OfShapes(plan, attempt) + Spread(plan, attempt),
                    attempt.Entries
                )
            );
        }

        if (result.Value.Combined is { } inputs && result.Value.Value.HasValue && plan.Expression.Plain is null)
            steps.Add(
                Step(
                    TraceKind.Value,
                    plan.Definition.Id,
                    $"{plan.Expression.Working(inputs)} = {plan.Expression.Show(result.Value.Value)}."
                )
            );
        else if (result.Value.Combined is not null && result.Value.Value.HasValue)
            steps.Add(
                Step(TraceKind.Value, plan.Definition.Id, $"{plan.Definition.Name}: {plan.Show(result.Value.Value)}.")
            );
        else if (result.Value.State == PartState.Scored && Joined(plan, result) is { } joined)
            steps.Add(Step(TraceKind.Value, plan.Definition.Id, joined));
    }

    /// <summary>What is said where several judges read one attempt.</summary>
    private static string Spread(PartPlan.Measured plan, AttemptValue attempt) =>
        attempt.Source.Trials.Count == 1
            ? ""
            : string.Concat(
                plan.Expression.Measures.Select(m => (Measure: m, Spread: attempt.Source.Spread(m.Id)))
                    .Where(m => m.Spread is not null)
                    .Select(m =>
                        m.Spread == 0
                            ? $" All {attempt.Source.Trials.Count} readings agree."
                            : $" The mean of {attempt.Source.Trials.Count} readings"
                                + (
                                    m.Measure.Kind is MeasureKind.YesNo or MeasureKind.Level
                                        ? "."
                                        : $", {ReadingFormat.Value(m.Spread!.Value, m.Measure)} apart."
                                )
                    )
            );

    /// <summary>The shapes of which an area was put together.</summary>
    private static string OfShapes(PartPlan.Measured plan, AttemptValue attempt) =>
        string.Concat(
            from measure in plan.Expression.Measures
            from trial in attempt.Source.Trials
            from reading in trial.Readings
            where reading.Measure == measure.Id
            let shapes = Shapes.Say(reading, measure)
            where shapes.Length > 0
            select $" {measure.Name}: {shapes}."
        );

    private static string Working(PartPlan.Measured plan, AttemptValue attempt) =>
        plan.Expression.Plain is not null
            ? plan.Expression.Show(attempt.Value)
            : $"{plan.Expression.Working(attempt.Inputs)} = {plan.Expression.Show(attempt.Value)}";

    private static string? Joined(PartPlan.Measured plan, PartResult result)
    {
        var used = result.Value.Attempts.Where(a => result.Value.Used.Contains(a.Number)).ToList();
        var numbers = string.Join(" + ", used.Select(a => Numerals.Write(a.Value.Number)));
        if (
            used.Count == 1
            && plan.Definition.Combine is not Combine.Successes and not Combine.Best and not Combine.Range
        )
            return $"One attempt counts: {plan.Show(result.Value.Value)}.";
        return plan.Definition.Combine switch
        {
            Combine.Sum => $"Added up: {numbers} = {plan.Show(result.Value.Value)}.",
            Combine.Mean or Combine.BestMean => $"Mean: ({numbers}) ÷ {used.Count} = {plan.Show(result.Value.Value)}.",
            Combine.Median => $"Median of {used.Count}: {plan.Show(result.Value.Value)}.",
            Combine.Worst => $"The weakest attempt counts: {plan.Show(result.Value.Value)}.",
            Combine.First => $"The first attempt counts: {plan.Show(result.Value.Value)}.",
            Combine.Last => $"The last attempt counts: {plan.Show(result.Value.Value)}.",
            Combine.Range => $"Largest minus smallest: {plan.Show(result.Value.Value)}.",
            Combine.Successes => $"Attempts that counted: {plan.Show(result.Value.Value)}.",
            Combine.Best => null,
        };
    }

    private static TraceStep Bonus(Rule rule, decimal points, Method method)
    {
        var amount = method.Wins == WinningDirection.Highest ? points : -points;
        var sentence =
            $"“{rule.Text}”: met. {MethodWords.Points(points)} "
            + $"{(method.Wins == WinningDirection.Highest ? "more" : "off, because fewer are better")}.";
        return new(TraceKind.Bonus, rule.Id, sentence, amount, ReadingFormat.Points(amount, method.Precision), []);
    }

    private static TraceStep Deduction(Deduction deduction, CompiledEdition compiled)
    {
        var method = compiled.Brief.Method;
        var plan = compiled.Rules.First(r => r.Rule.Id == deduction.Outcome.Rule.Id);
        var adds = method.Wins == WinningDirection.Lowest;
        var how = deduction.Outcome.Rule.IfMissed is Consequence.Deduct { Per: not DeductPer.Once } per
            ? $" by {plan.SayAmount(deduction.Outcome.Excess)} ({RuleWords.Each(per, plan)})"
            : "";
        var amount = adds ? deduction.Points : -deduction.Points;
        return new(
            TraceKind.Deduction,
            deduction.Outcome.Rule.Id,
            $"“{deduction.Outcome.Rule.Text}”: missed{how}. {MethodWords.Points(deduction.Points)} "
                + $"{(adds ? "more, because fewer are better" : "off")}.",
            amount,
            ReadingFormat.Points(amount, method.Precision),
            []
        );
    }

    private static void Total(List<TraceStep> steps, Method method, TeamResult result)
    {
        if (result.Total is not { } total)
            return;
        var amounts = steps.Where(s => s.Kind is TraceKind.Points or TraceKind.Bonus or TraceKind.Deduction).ToList();
        var sum = string.Concat(
            amounts.Select(
                (s, i) =>
                    i == 0 ? s.AmountText
                    : s.Amount < 0 ? " − " + ReadingFormat.Points(-s.Amount.Value, method.Precision)
                    : " + " + s.AmountText
            )
        );
        var floor = result.Design.Sum != total ? $" No total is below {Numerals.Write(total)}." : "";
        var shown = ReadingFormat.Points(total, method.Precision);
        var sentence =
            amounts.Count > 1 || floor.Length > 0
                ? $"{sum} = {ReadingFormat.Points(result.Design.Sum!.Value, method.Precision)}.{floor}"
                : $"The total is {shown}.";
        steps.Add(new(TraceKind.Total, "", sentence, total, ReadingFormat.WithBound(shown, result.Bound), []));
    }

    private static TraceStep TieBreak(CompiledEdition compiled, TeamResult result, int by)
    {
        if (by < 0)
            return Step(TraceKind.TieBreak, "", "Totals are equal; the better bound is placed first.");
        var plan = compiled.TieBreaks[by];
        var value = plan.Value.Show(result.TieBreaks[by]);
        return Step(
            TraceKind.TieBreak,
            "",
            $"Totals are equal, so “{plan.Definition.Name}” decides: {value} here "
                + $"({(plan.Definition.Better == Better.More ? "more" : "less")} is better)."
        );
    }

    /// <summary>The place, or why there is none; nothing of places where the brief has none.</summary>
    private static string? Place(CompiledEdition compiled, TeamResult result) =>
        result.Status switch
        {
            StandingStatus.Placed when result.Rank is null => compiled.Brief.Method.Ranking
                ? "There is no other team to rank against."
                : null,
            StandingStatus.Placed => $"That is {English.Ordinal(result.Rank!.Value)} place"
                + $"{(result.Sharing > 1 ? $", shared by {result.Sharing} teams" : "")}. "
                + $"{MethodWords.Wins(compiled.Brief.Method)}",
            StandingStatus.Unfinished => $"Not finished. {SentenceCase.Beginning(result.Reason)}.",
            StandingStatus.DidNotPlace => compiled.Brief.Method.Ranking
                ? $"Does not place: “{result.Reason}” was missed."
                : $"“{result.Reason}” was missed.",
            StandingStatus.Away => $"Not taking part: {SentenceCase.Sentence(result.Reason)}.",
        };
}
