using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Briefs;

public sealed class PatternTests
{
    public static TheoryData<Pattern, GradeBand, UnitSystem> Every =>
        new(
            from pattern in Enum.GetValues<Pattern>()
            where pattern != Pattern.Blank
            from grades in Enum.GetValues<GradeBand>()
            from units in Enum.GetValues<UnitSystem>()
            select (pattern, grades, units)
        );

    /// <summary>The teacher still has to read the cautions; nothing else may matter.</summary>
    [Theory]
    [MemberData(nameof(Every))]
    public void A_pattern_has_no_snag_above_a_hint_once_its_cautions_are_read(
        Pattern pattern,
        GradeBand grades,
        UnitSystem units
    )
    {
        var brief = Read(Patterns.Begin(pattern, grades, units));
        Snags.Of(brief).Where(s => s.Weight != SnagWeight.Hint).Select(s => $"{s.At} {s.What}").ShouldBeEmpty();
        brief.Hazards.ShouldNotBeEmpty();
    }

    [Theory]
    [MemberData(nameof(Every))]
    public void A_pattern_can_be_tried_at_once(Pattern pattern, GradeBand grades, UnitSystem units)
    {
        var tried = Tryout
            .Run(
                Sample.Ready(Patterns.Begin(pattern, grades, units)),
                [new() { Name = "Able" }, new() { Name = "Middling" }]
            )
            .OrThrow();
        tried.Standings.Rows.ShouldAllBe(r => r.Status == StandingStatus.Placed && r.Total != null);
        tried.Handles.ShouldNotBeEmpty();
    }

    /// <summary>
    /// A small class plays it: who does better in everything is first, who does worse is last, and the words are those
    /// of its units.
    /// </summary>
    [Theory]
    [MemberData(nameof(Every))]
    public void A_small_class_plays_a_pattern_and_its_places_and_words_are_right(
        Pattern pattern,
        GradeBand grades,
        UnitSystem units
    )
    {
        var edition = Sample.Ready(Patterns.Begin(pattern, grades, units));
        var handles = Tryout.Run(edition, [new() { Name = "Able" }]).OrThrow().Handles;
        var lowest = edition.Brief.Method.Wins == WinningDirection.Lowest;
        var better = handles.ToDictionary(
            h => h.Id,
            h => (Total(h.Id, h.High) >= Total(h.Id, h.Low)) != lowest ? h.High : h.Low
        );
        PretendTeam Team(string name, int share) =>
            new() { Name = name, Values = handles.ToDictionary(h => h.Id, h => Between(h, better[h.Id], share)) };

        var rows = Tryout
            .Run(edition, [Team("Knots", 0), Team("Terns", 100), Team("Whelks", 50)])
            .OrThrow()
            .Standings.Rows;
        rows.Select(r => r.Name).First().ShouldBe("Terns");
        rows.Select(r => r.Name).Last().ShouldBe("Knots");

        var others = units == UnitSystem.Metric ? new[] { "in", "oz", "ozf" } : ["cm", "g", "N"];
        var sheet = string.Join(
            ' ',
            StudentSheet.Of(edition.Brief, edition).Materials.Concat(edition.Brief.Conditions.Select(c => c.FixedAt))
        );
        edition
            .Brief.Measures.Select(m => m.Unit)
            .Concat(edition.Brief.Materials.Select(m => m.Unit))
            .ShouldAllBe(unit => !others.Contains(unit));
        foreach (var unit in others)
            System.Text.RegularExpressions.Regex.IsMatch(sheet, $@"\d {unit}\b").ShouldBeFalse($"{unit} in: {sheet}");

        // How much it puts a team ahead of one that is middling in everything: some curves look at the others too.
        decimal Total(string handle, decimal value)
        {
            var two = Tryout
                .Run(
                    edition,
                    [
                        new()
                        {
                            Name = "Able",
                            Values = new Dictionary<string, decimal> { [handle] = value },
                        },
                        new() { Name = "Middling" },
                    ]
                )
                .OrThrow()
                .Standings.Rows;
            return (two.Single(r => r.Name == "Able").Total ?? 0) - (two.Single(r => r.Name == "Middling").Total ?? 0);
        }
    }

    private static decimal Between(TryHandle handle, decimal better, int share)
    {
        var worse = better == handle.High ? handle.Low : handle.High;
        var value = worse + ((better - worse) * share / 100);
        return handle.Step > 0 ? Math.Round(value / handle.Step, MidpointRounding.AwayFromZero) * handle.Step : value;
    }

    /// <summary>
    /// What is off, heavy, damaged, used up or pulled is better when it is less (common practice, no source).
    /// </summary>
    [Fact]
    public void What_should_be_small_is_better_when_smaller()
    {
        var all = Enum.GetValues<Pattern>()
            .SelectMany(p => Patterns.Begin(p, GradeBand.From3To5, UnitSystem.Metric).Measures)
            .ToList();
        all.Where(m => m.Id is "off" or "own" or "mass" or "damage" or "pieces" or "pull" or "tangles")
            .ShouldAllBe(m => m.Better == Better.Less);
        all.Where(m => m.Id is "height" or "far" or "load" or "time" or "over")
            .ShouldAllBe(m => m.Better != Better.Less);
    }

    [Fact]
    public void No_pattern_names_a_usual_material()
    {
        var named = Enum.GetValues<Pattern>()
            .SelectMany(p => Patterns.Begin(p, GradeBand.From3To5, UnitSystem.Metric).Materials)
            .Select(m => m.Name)
            .Distinct();
        string[] usual =
        [
            "paper",
            "tape",
            "straw",
            "card",
            "foil",
            "string",
            "glue",
            "spaghetti",
            "marshmallow",
            "egg",
            "bubble wrap",
            "scissors",
            "spool",
            "cup",
            "stick",
        ];
        named.Where(name => usual.Any(u => name.Contains(u, StringComparison.OrdinalIgnoreCase))).ShouldBeEmpty();
    }

    [Fact]
    public void Each_pattern_is_offered_once() =>
        PatternInfo.All.Select(p => p.Pattern).Order().ShouldBe(Enum.GetValues<Pattern>());

    [Fact]
    public void Units_follow_the_grades_and_the_system()
    {
        Patterns.Begin(Pattern.Tallest, GradeBand.KTo2, UnitSystem.Metric).Measures[0].LaidOut.ShouldNotBeNull();
        Patterns
            .Begin(Pattern.Tallest, GradeBand.From3To5, UnitSystem.Customary)
            .Measures[0]
            .ShouldSatisfyAllConditions(m => m.Unit.ShouldBe("in"), m => m.Step.ShouldBe(0.25m));
        Patterns.Begin(Pattern.Tallest, GradeBand.From9To12, UnitSystem.Metric).Measures[0].Step.ShouldBe(0.1m);
    }

    [Fact]
    public void A_blank_brief_says_what_to_write_first() =>
        Snags
            .Of(Patterns.Begin(Pattern.Blank, GradeBand.Unsaid, UnitSystem.Metric))
            .Where(s => s.Weight == SnagWeight.Stops)
            .Select(s => s.At)
            .ShouldBe(["/title", "/method/parts"]);

    private static Brief Read(Brief brief) =>
        brief with
        {
            Hazards = [.. brief.Hazards.Select(h => h with { Acknowledged = true })],
        };
}
