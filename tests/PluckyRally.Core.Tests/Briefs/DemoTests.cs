using PluckyRally.Core.Documents;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>The briefs that ship are ones to run tomorrow.</summary>
public sealed class DemoTests
{
    private static readonly string Folder = Path.Combine(ProjectFolder.Root, "demo");

    public static TheoryData<string> Files =>
        new(Directory.GetFiles(Folder, "*.brief.json").Select(f => Path.GetFileName(f)!).Order(StringComparer.Ordinal));

    [Theory]
    [MemberData(nameof(Files))]
    public void Has_no_snag_above_a_hint_in_any_tier(string file) =>
        Snags
            .Of(Read(file))
            .Where(s => s.Weight != SnagWeight.Hint)
            .Select(s => $"{s.Tier} {s.At} {s.What}")
            .ShouldBeEmpty();

    [Theory]
    [MemberData(nameof(Files))]
    public void Is_known_to_the_last_field(string file) =>
        DocumentReader.Brief(File.ReadAllText(Path.Combine(Folder, file))).Problems.ShouldBeEmpty();

    [Theory]
    [MemberData(nameof(Files))]
    public void Is_complete(string file)
    {
        var brief = Read(file);
        new[]
        {
            brief.Story,
            brief.Question,
            brief.Goal,
            brief.Theme,
            brief.Trials.How,
            brief.Teacher.Notes,
            brief.Teacher.Extensions,
        }.ShouldAllBe(t => t.Length > 0);
        brief.Teacher.Hints.ShouldNotBeEmpty();
        brief.Teacher.Questions.Count.ShouldBeGreaterThanOrEqualTo(3);
        brief.Teacher.Standards.ShouldAllBe(s => Standards.All.Any(k => k.Code == s));
        brief.Words.ShouldNotBeEmpty();
        brief.Conditions.ShouldNotBeEmpty();
    }

    [Theory]
    [MemberData(nameof(Files))]
    public void Can_be_tried_in_every_tier(string file)
    {
        var brief = Read(file);
        foreach (var tier in brief.Tiers.Select(t => t.Id).Append(""))
            Tryout
                .Run(
                    CompiledEdition.For(Editions.Resolve(brief, tier).OrThrow()).OrThrow(),
                    [new() { Name = "A" }, new() { Name = "B" }]
                )
                .OrThrow()
                .Standings.Rows.Count.ShouldBe(2);
    }

    [Fact]
    public void There_is_one_for_every_pattern_season_and_kind_of_part()
    {
        var all = Files.Select(f => Read(f.Data)).ToList();
        all.Count.ShouldBeGreaterThanOrEqualTo(14);
        all.Select(b => b.Pattern).Distinct().Order().ShouldBe(Enum.GetValues<Pattern>());
        all.Select(b => b.Season)
            .Distinct()
            .Order()
            .ShouldBe([Season.Autumn, Season.Winter, Season.Spring, Season.Summer]);
        all.SelectMany(b => b.Method.Parts).Select(p => p.GetType()).Distinct().Count().ShouldBe(9);
        all.Count(b => b.Tiers.Count >= 4).ShouldBeGreaterThanOrEqualTo(4);
    }

    private static Brief Read(string file) =>
        DocumentReader.Brief(File.ReadAllText(Path.Combine(Folder, file))).OrThrow().Value;
}
