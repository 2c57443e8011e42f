namespace PluckyRally.Core.Kit;

/// <summary>The least build that meets a criterion, stage by stage, for the teacher: does the material last?</summary>
public sealed record StagePlan
{
    /// <summary>The id of the measure that grows with each stage; empty where stages are only counted.</summary>
    public string Measure { get; init; } = "";

    /// <summary>The stages, in the order in which they are built.</summary>
    public IReadOnlyList<Stage> Stages { get; init; } = [];
}

/// <summary>One stage of a build.</summary>
public sealed record Stage
{
    /// <summary>Names the stage.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called, e.g. "First floor".</summary>
    public string Name { get; init; } = "";

    /// <summary>What it adds to the measure, in its unit.</summary>
    public decimal Adds { get; init; }

    /// <summary>What it takes, at the least.</summary>
    public IReadOnlyList<StageNeed> Needs { get; init; } = [];
}

/// <summary>What a stage takes of a material.</summary>
/// <param name="Material">The material's id.</param>
/// <param name="Amount">How much, in the material's own unit; above 0.</param>
public sealed record StageNeed(string Material, decimal Amount);

/// <summary>What comes of building stage by stage from a team's stock.</summary>
/// <param name="Reached">What the measure comes to with the stages that can be built.</param>
/// <param name="Short">The first material that runs out; null where all stages can be built.</param>
public sealed record StageOutcome(decimal Reached, Shortage? Short);

/// <summary>A material that runs out.</summary>
/// <param name="Stage">The stage that cannot be built whole.</param>
/// <param name="Material">The material.</param>
/// <param name="Left">What is left for that stage.</param>
/// <param name="Needed">What the stage takes.</param>
/// <param name="Total">What would do for all stages, in all.</param>
public sealed record Shortage(Stage Stage, Material Material, decimal Left, decimal Needed, decimal Total);

/// <summary>Builds stage by stage from the stock, on paper.</summary>
public static class StagePlanner
{
    /// <summary>What can be built from a team's stock.</summary>
    /// <param name="plan">The stages.</param>
    /// <param name="stock">The materials of one team; amounts for each member are taken for a team of
    /// <paramref name="members"/>.</param>
    /// <param name="members">Members of a team, from 1.</param>
    public static StageOutcome Build(StagePlan plan, IReadOnlyList<Material> stock, int members = 4)
    {
        var left = stock
            .Where(m => !m.Off && m.Amount is not null)
            .DistinctBy(m => m.Id)
            .ToDictionary(m => m.Id, m => m.Amount!.Value * (m.Per == Per.Member ? members : 1));
        decimal reached = 0;
        foreach (var stage in plan.Stages)
        {
            foreach (var need in stage.Needs)
            {
                if (!left.TryGetValue(need.Material, out var there) || there >= need.Amount)
                    continue;
                var total = plan
                    .Stages.SelectMany(s => s.Needs)
                    .Where(n => n.Material == need.Material)
                    .Sum(n => n.Amount);
                return new(reached, new(stage, stock.First(m => m.Id == need.Material), there, need.Amount, total));
            }

            foreach (var need in stage.Needs.Where(n => left.ContainsKey(n.Material)))
                left[need.Material] -= need.Amount;
            reached += stage.Adds;
        }

        return new(reached, null);
    }
}
