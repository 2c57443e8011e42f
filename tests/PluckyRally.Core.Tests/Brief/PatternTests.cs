using Shouldly;
using Xunit;

namespace PluckyRally.Core.Tests.Briefs;

public sealed class PatternTests
{
    public static TheoryData<Pattern, GradeBand, UnitSystem> Every => new(
        from pattern in Enum.GetValues<Pattern>()
        where pattern != Pattern.Blank
        from grades in Enum.GetValues<GradeBand>()
        from units in Enum.GetValues<UnitSystem>()
        select (pattern, grades, units));

    /// <summary>The teacher still has to read the cautions; nothing else may matter.</summary>
    [Theory]
    [MemberData(nameof(Every))]
    public void A_pattern_has_no_snag_above_a_hint_once_its_cautions_are_read(Pattern pattern, GradeBand grades, UnitSystem units)
    {
        var brief = Read(Patterns.Begin(pattern, grades, units));
        Snags.Of(brief).Where(s => s.Weight != SnagWeight.Hint).Select(s => $"{s.At} {s.What}").ShouldBeEmpty();
        brief.Hazards.ShouldNotBeEmpty();
    }

    [Theory]
    [MemberData(nameof(Every))]
    public void A_pattern_can_be_tried_at_once(Pattern pattern, GradeBand grades, UnitSystem units)
    {
        var tried = Tryout.Run(Sample.Ready(Patterns.Begin(pattern, grades, units)), [new() { Name = "Able" }, new() { Name = "Middling" }]).OrThrow();
        tried.Standings.Rows.ShouldAllBe(r => r.Status == StandingStatus.Placed && r.Total != null);
        tried.Handles.ShouldNotBeEmpty();
    }

    [Fact]
    public void Each_pattern_is_offered_once() => PatternInfo.All.Select(p => p.Pattern).Order().ShouldBe(Enum.GetValues<Pattern>());

    [Fact]
    public void Units_follow_the_grades_and_the_system()
    {
        Patterns.Begin(Pattern.Tallest, GradeBand.KTo2, UnitSystem.Metric).Measures[0].LaidOut.ShouldNotBeNull();
        Patterns.Begin(Pattern.Tallest, GradeBand.From3To5, UnitSystem.Customary).Measures[0].ShouldSatisfyAllConditions(m => m.Unit.ShouldBe("in"), m => m.Step.ShouldBe(0.25m));
        Patterns.Begin(Pattern.Tallest, GradeBand.From9To12, UnitSystem.Metric).Measures[0].Step.ShouldBe(0.1m);
    }

    [Fact]
    public void A_blank_brief_says_what_to_write_first() =>
        Snags.Of(Patterns.Begin(Pattern.Blank, GradeBand.Unsaid, UnitSystem.Metric)).Where(s => s.Weight == SnagWeight.Stops).Select(s => s.At).ShouldBe(["/title", "/method/parts"]);

    private static Brief Read(Brief brief) => brief with { Hazards = [.. brief.Hazards.Select(h => h with { Acknowledged = true })] };
}
