namespace PluckyRally.Core;

/// <summary>A rule made ready to be checked.</summary>
/// <param name="Rule">The rule.</param>
/// <param name="Value">What is held against the limit; null for an inspection.</param>
/// <param name="Amount">The limit, or the amount for each member, in the unit of the value.</param>
/// <param name="Upper">The upper limit, for between.</param>
internal sealed record RulePlan(Rule Rule, FigureExpression? Value = null, decimal Amount = 0, decimal Upper = 0)
{
    /// <summary>For a rule about fitting: the dimensions and their room.</summary>
    public FitPlan? Fit { get; init; }

    /// <summary>Whether the rule holds for a team: for all, or dealt to this one by name or id.</summary>
    public bool IsFor(Team team) => Rule.OnlyFor.Length == 0 || Rule.OnlyFor == team.Name || Rule.OnlyFor == team.Id;

    /// <summary>Makes a rule ready, or adds what is wrong with it.</summary>
    public static RulePlan? Make(Rule rule, Brief brief, FigureList figures, Findings found)
    {
        found.NotEmpty(rule.Text, "/text", "The rule says nothing yet.", "Write it as pupils should read it.");
        found.Length(rule.Text, Most.Text, "/text", "The rule");
        found.Unless(rule.Bonus >= 0, "/bonus", "A bonus always helps.", "Write it as a number above zero, or use a deduction.");
        Check(rule, brief, found);
        var plan = rule.Check switch
        {
            RuleCheck.Inspection => new RulePlan(rule),
            RuleCheck.Limit limit => Limit(rule, limit, figures, found),
            RuleCheck.Fits fits => FitPlan.Make(fits, figures, found) is { } fit ? new RulePlan(rule) { Fit = fit } : null,
            RuleCheck.Spending spending => OfPart<Part.Budget>(rule, spending.Part, "budget", brief, found),
            RuleCheck.Share share => Share(rule, share, brief, found),
            RuleCheck.Ladder ladder => OfPart<Part.Pieces>(rule, ladder.Part, "pieces", brief, found),
            RuleCheck.Ratio ratio => OfPart<Part.Pieces>(rule, ratio.Part, "pieces", brief, found),
            RuleCheck.AllDifferent different => OfPart<Part.Pieces>(rule, different.Part, "pieces", brief, found),
            _ => throw new System.Diagnostics.UnreachableException(),
        };
        return found.Problems.Count == 0 ? plan : null;
    }

    private static void Check(Rule rule, Brief brief, Findings found)
    {
        switch (rule.IfMissed)
        {
            case Consequence.AttemptDoesNotCount when rule.When != When.EveryAttempt:
                found.Add("/when", "Only a rule checked in every attempt can make an attempt not count.", "Check it in every attempt, or choose another consequence.");
                break;
            case Consequence.FailurePoints(var part) when brief.Method.Parts.All(p => p.Id != part):
                found.Add("/ifMissed/part", $"There is no part “{part}”.", "Choose one of the parts of the method.");
                break;
            case Consequence.Deduct deduct:
                found.Unless(deduct.Points > 0, "/ifMissed/points", "A deduction of nothing changes nothing.", "Write the points as a number above zero; they always count against the team.");
                found.Unless(deduct.Each > 0, "/ifMissed/each", "The step of a deduction must be above zero.", "Use 1 for every whole unit.");
                found.Unless(deduct.Per == DeductPer.Once || rule.Check is RuleCheck.Limit or RuleCheck.Spending, "/ifMissed/per", "This is met or missed, by no amount.", "Take the points off once.");
                break;
        }
    }

    private static RulePlan? OfPart<T>(Rule rule, string part, string sort, Brief brief, Findings found)
        where T : Part
    {
        if (brief.Method.Parts.OfType<T>().Any(p => p.Id == part && !p.Off)) return new(rule);
        found.Add("/check/part", $"There is no part “{Findings.Short(part)}” with {sort}.", "Name one of the method's parts.");
        return null;
    }

    private static RulePlan? Share(Rule rule, RuleCheck.Share share, Brief brief, Findings found)
    {
        if (OfPart<Part.Pieces>(rule, share.Part, "pieces", brief, found) is not { } plan) return null;
        var pieces = brief.Method.Parts.OfType<Part.Pieces>().First(p => p.Id == share.Part);
        var values = (share.Label == PieceSide.First ? pieces.First : pieces.Second).Values;
        found.Unless(values.Any(v => v.Name == share.Group), "/check/group", $"There is no group “{Findings.Short(share.Group)}”.", $"Use one of these: {string.Join(", ", values.Select(v => v.Name))}.");
        found.Unless(share.Percent is >= 0 and <= 100, "/check/percent", "A share is from 0 to 100 percent.", "Write for example 25.");
        found.Unless(share.Tolerance >= 0, "/check/tolerance", "A tolerance cannot be below zero.", "Use 0 for exactly.");
        return plan;
    }

    private static RulePlan? Limit(Rule rule, RuleCheck.Limit limit, FigureList figures, Findings found)
    {
        var each = rule.When == When.EveryAttempt;
        var reader = $"“{Findings.Short(rule.Text)}” is checked {(each ? "in every attempt" : "when they are made")}";
        var value = figures.Compile(limit.Value, each ? Known.InAttempt : Known.WithResult, reader);
        if (!value.IsOk)
        {
            found.AddAll("/check/value", value.Problems);
            return null;
        }

        if (limit.PercentOfLastRound is { } percent)
        {
            found.Unless(percent > 0, "/check/percentOfLastRound", "The percentage must be above zero.", "Use for example 75.");
            found.Unless(limit.Comparison is not Comparison.Between, "/check/comparison", "A limit from the last round is one number.", "Use at least or at most.");
            return new(rule, value.Value);
        }

        var amount = ReadAmount(limit.Amount, value.Value, "/check/amount", found);
        var upper = limit.Comparison == Comparison.Between ? ReadAmount(limit.Upper, value.Value, "/check/upper", found) : 0;
        if (amount is null || upper is null) return null;
        found.Unless(limit.Comparison != Comparison.Between || amount < upper, "/check/upper", "The upper limit is not above the lower one.", "Swap them.");
        return new(rule, value.Value, amount.Value, upper.Value);
    }

    private static decimal? ReadAmount(string typed, FigureExpression value, string place, Findings found)
    {
        var measure = value.Plain?.Shown ?? new Measure { Id = "limit", Name = "The limit", Kind = MeasureKind.Number, Unit = value.Expression.Unit, Negative = true };
        var parsed = ReadingParser.ParseAmount(typed, measure);
        if (!parsed.IsOk)
        {
            found.AddAll(place, parsed.Problems);
            return null;
        }

        found.Unless(parsed.Value.Bound == Bound.Exact, place, "A limit is one number.", "Leave out the sign at its end.");
        return parsed.Value.Value;
    }
}
