namespace PluckyRally.Core;

internal abstract partial record PartPlan
{
    /// <summary>A budget.</summary>
    public sealed record Budget(Part.Budget Is) : PartPlan
    {
        public override Part Part => Is;

        public override Curve Curve => Is.Curve;

        public override Better Better => Is.Value == BudgetValue.Left ? Better.More : Better.Less;

        public override int Decimals => 2;

        public override string One => Is.Money.Length > 0 ? MethodWords.One(Is.Money) : "one";

        public override Measure ShownValue => BudgetScore.Coins(Is);

        public override string Show(Worth value) => value.HasValue ? BudgetScore.Show(value.Number, Is) : "no value";

        public override string Say() => $"{BudgetScore.Show(Is.Funds, Is)} to spend. What is {(Is.Value == BudgetValue.Left ? "left" : "spent")} gives {Is.Curve.Say(this)}.";

        public override PartValue Value(DesignRecord design, Trials trials) => BudgetScore.Value(Is, design);

        /// <summary>Makes the part ready, or adds what is wrong with it.</summary>
        public static Budget Make(Part.Budget part, Brief brief, Findings found)
        {
            found.Unless(part.Prices.Count > 0, "/prices", "Nothing is for sale yet.", "Add the first price.");
            found.Count(part.Prices, Most.Items, "/prices", "prices");
            found.Ids(part.Prices.Select(p => p.Id), "/prices", "price");
            foreach (var price in part.Prices) found.Unless(price.Each >= 0, $"/prices/{price.Id}/each", "A price cannot be below zero.", "Use 0 or more.");
            found.Unless(part.Funds >= 0, "/funds", "A team cannot begin with debts.", "Use 0 or more.");
            found.Unless(part.ReturnPercent is >= 0 and <= 100, "/returnPercent", "The share must be from 0 to 100.", "Use 100 for the full price.");
            part.Curve.Check(part.Value == BudgetValue.Left ? Better.More : Better.Less, mayBeNegative: false, found);
            found.Unless(!part.Curve.IsValueItself || (part.Value == BudgetValue.Spent) == (brief.Method.Wins == Wins.Lowest), "/curve", "This would reward the wrong way round.", "Use what is left where the highest total wins, what is spent where the lowest wins.");
            return new(part);
        }
    }
}

/// <summary>Works out a budget.</summary>
internal static class BudgetScore
{
    public static PartValue Value(Part.Budget part, DesignRecord design)
    {
        var bought = PartEntries.Of<Entry.Purchased>(design, part.Id);
        var returned = PartEntries.Of<Entry.Returned>(design, part.Id);
        var lines = new List<PartLine>();
        decimal spent = 0;
        foreach (var price in part.Prices)
        {
            var taken = bought.Where(b => b.Item == price.Id).ToList();
            var back = returned.Where(r => r.Item == price.Id).ToList();
            if (taken.Count > 0) Line($"{taken.Sum(b => b.Count)} {price.Name}", taken.Sum(b => b.Count) * price.Each, taken.Select(b => b.Id));
            if (back.Count > 0) Line($"{back.Sum(r => r.Count)} {price.Name} given back", -back.Sum(r => r.Count) * price.Each * part.ReturnPercent / 100, back.Select(r => r.Id));
        }

        var left = part.Funds - spent;
        lines.Add(new($"Spent {Show(spent, part)} of {Show(part.Funds, part)}, {(left < 0 ? $"{Show(-left, part)} too much" : $"{Show(left, part)} left")}."));
        return PartValue.Scored(part.Value == BudgetValue.Left ? left : spent, lines) with { Facts = [new(spent), new(left), new(Math.Max(0, -left))] };

        void Line(string what, decimal cost, IEnumerable<Guid> entries)
        {
            spent += cost;
            lines.Add(new($"{what}: {Show(cost, part)}.", [.. entries]));
        }
    }

    /// <summary>How amounts of its money are shown.</summary>
    public static Measure Coins(Part.Budget part) => new() { Id = part.Id, Kind = MeasureKind.Money, Unit = part.Money, Step = 0.01m, Negative = true };

    public static string Show(decimal amount, Part.Budget part) => ReadingFormat.Value(amount, Coins(part));
}
