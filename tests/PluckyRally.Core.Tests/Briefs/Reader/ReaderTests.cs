using System.Text.Json;
using CsCheck;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Kit;

namespace PluckyRally.Core.Tests.Briefs;

public sealed class ReaderTests
{
    [Fact]
    public void What_a_page_says_makes_a_brief_that_can_be_read()
    {
        foreach (var page in Pages())
        {
            var read = BriefReader.Read(page, new Brief(), UnitSystem.Metric);
            var made = Changes.Apply(new Brief(), read.Changes(page, new Brief(), Taken.All));
            made.IsOk.ShouldBeTrue(string.Join('\n', made.Problems));
            var brief = made.Value!.Value with { Title = "Named by the teacher" };
            var compiled = CompiledEdition.For(Editions.Resolve(brief, "").OrThrow());
            // What nobody said stays for the teacher to say, and a snag asks for it.
            compiled.Problems.ShouldAllBe(p => p.At.EndsWith("/failurePoints"), page);
        }
    }

    [Fact]
    public void Every_proposal_names_the_words_that_it_comes_from()
    {
        const string Text = "The raft\nIt must be at least 12 in long.\nYou may use:\n- 20 straws\n";
        var read = BriefReader.Read(Text, new Brief(), UnitSystem.Metric);
        read.Proposals.Select(p => Text[p.From.From..p.From.To]).ShouldBe(["The raft", "at least 12 in", "20 straws"]);
        read.Proposals.Select(p => p.At).ShouldBe(["/title", "/rules/-", "/materials/-"]);
    }

    [Fact]
    public void A_measure_that_two_sentences_name_is_added_once_in_the_unit_of_its_points()
    {
        const string Text = "The mast must be at least 2 feet tall.\n1 point for every inch of height.";
        var read = BriefReader.Read(Text, new Brief(), UnitSystem.Customary);
        var brief = Changes.Apply(new Brief(), read.Changes(Text, new Brief(), Taken.All)).OrThrow().Value;
        brief.Measures.ShouldHaveSingleItem().Unit.ShouldBe("in");
        brief.Rules.ShouldHaveSingleItem().Check.ShouldBeOfType<RuleCheck.Limit>().Amount.ShouldBe("2 ft");
    }

    /// <summary>12 inches are a foot, so a point for each inch is 12 for each foot.</summary>
    [Fact]
    public void Points_are_for_the_unit_that_the_brief_measures_in()
    {
        const string Text = "1 point for every inch of height.";
        var measure = new SaidMeasure("height", "Height", MeasureKind.Length, "ft", Better.More, ReadOccasion.Once);
        var brief = new Brief { Measures = [measure.In(new Brief())] };
        var read = BriefReader.Read(Text, brief, UnitSystem.Customary);
        var made = Changes.Apply(brief, read.Changes(Text, brief, Taken.All)).OrThrow().Value;
        made.Measures.ShouldHaveSingleItem().Unit.ShouldBe("ft");
        made.Method.Parts.OfType<Part.Measured>().Single().Curve.ShouldBe(new Curve.Rate(12));
    }

    [Fact]
    public void What_is_left_out_or_asked_or_not_understood_changes_no_rule_and_stays_as_text()
    {
        const string Text = "It must float. Teams of 3 or 4 students. Use as few straws as you can. Good luck!";
        var read = BriefReader.Read(Text, new Brief(), UnitSystem.Metric);
        read.Questions.Count.ShouldBe(2);
        var none = Changes.Apply(new Brief(), read.Changes(Text, new Brief(), Taken.All with { LeftOut = [0] }));
        none.OrThrow().Value.Rules.ShouldBeEmpty();
        none.OrThrow().Value.Teacher.Notes.ShouldBe("Teams of 3 or 4\nUse as few straws as you can.\nGood luck!");
        var some = read.Changes(Text, new Brief(), new([], new Dictionary<int, int> { [0] = 1, [1] = 0 }));
        var brief = Changes.Apply(new Brief(), some).OrThrow().Value;
        brief.Timing.TeamSize.ShouldBe(4);
        brief.Method.TieBreaks.ShouldHaveSingleItem().Value.ShouldBe("straws");
    }

    [Fact]
    public void What_is_left_out_leaves_nothing_in_what_is_taken()
    {
        const string Text =
            "1 point for each bead.\nThe average of your three trials counts.\n"
            + "You have 20 minutes to build.\nThere is a warning 5 minutes before the end.";
        var read = BriefReader.Read(Text, new Brief(), UnitSystem.Metric);
        Brief Made(params int[] out_) =>
            Changes
                .Apply(new Brief(), read.Changes(Text, new Brief(), Taken.All with { LeftOut = out_ }))
                .OrThrow()
                .Value;
        int Number(string says) => read.Proposals.ToList().FindIndex(p => p.Says.StartsWith(says));
        Combine Of(Brief brief) => brief.Method.Parts.OfType<Part.Measured>().Single().Combine;
        Of(Made()).ShouldBe(Combine.Mean);
        Of(Made(Number("The mean"))).ShouldBe(Combine.Best);
        Made().Timing.Phases.Single().Warning.ShouldBe(5);
        Made(Number("A warning")).Timing.Phases.Single().Warning.ShouldBe(0);
        Made(Number("Build")).Teacher.Notes.ShouldBe("warning 5 minutes");
    }

    /// <summary>
    /// 10 to 60 cm are 3.94 to 23.6 in (an inch is 2.54 cm, NIST Special Publication 811, appendix B).
    /// </summary>
    [Fact]
    public void A_curve_is_in_the_unit_that_the_brief_measures_in()
    {
        const string Text = "At least 4 in tall.\nHeight: from 0 points at 10 cm up to 30 points at 60 cm.";
        var read = BriefReader.Read(Text, new Brief(), UnitSystem.Customary);
        var made = Changes.Apply(new Brief(), read.Changes(Text, new Brief(), Taken.All)).OrThrow().Value;
        made.Measures.ShouldHaveSingleItem().Unit.ShouldBe("in");
        made.Method.Parts.OfType<Part.Measured>().Single().Curve.ShouldBe(new Curve.Between(3.94m, 23.6m, 30));
    }

    [Fact]
    public void What_is_said_for_some_grades_becomes_a_tier_and_changes_nothing_for_the_others()
    {
        const string Text =
            "For middle school: five tries, and at least 18 in long.\n"
            + "The pier must be at least 12 in long. Teams get three tries and 20 straws. Grades 6-8: 30 straws.";
        var read = BriefReader.Read(Text, new Brief(), UnitSystem.Metric);
        var brief = Changes.Apply(new Brief(), read.Changes(Text, new Brief(), Taken.All)).OrThrow().Value;
        (brief.Trials.Attempts, brief.Materials.Single().Amount).ShouldBe((3, 20));
        brief.Rules.Single().Text.ShouldBe("The pier must be at least 12 in long");
        var tier = Editions.Resolve(brief, brief.Tiers.ShouldHaveSingleItem().Id).OrThrow().Brief;
        (tier.Trials.Attempts, tier.Materials.Single().Amount, tier.Grades).ShouldBe((5, 30, GradeBand.From6To8));
        tier.Rules.Single().Text.ShouldBe("The pier must be at least 18 in long");
        ((RuleCheck.Limit)tier.Rules.Single().Check).Amount.ShouldBe("18 in");
        // Without what it differs from, it stays as text.
        var rule = read.Proposals.ToList().FindIndex(p => p.At == "/rules/-");
        Changes
            .Apply(new Brief(), read.Changes(Text, new Brief(), Taken.All with { LeftOut = [rule] }))
            .OrThrow()
            .Value.Teacher.Notes.ShouldContain("at least 18 in long");
    }

    [Fact]
    public void What_applies_to_nothing_stays_as_text()
    {
        const string Text = "The last attempt counts.";
        BriefReader.Read(Text, new Brief(), UnitSystem.Metric).Proposals.ShouldBeEmpty();
        var brief = Sample.Simple(2, Combine.Mean);
        BriefReader.Read(Text, brief, UnitSystem.Metric).Proposals.ShouldHaveSingleItem();
    }

    [Fact]
    public void A_measure_that_the_brief_has_is_used_and_no_id_is_given_twice()
    {
        var brief = Sample.Simple(2, Combine.Mean);
        const string Text = "It must float. It must roll. It must be at least 10 cm tall.";
        var read = BriefReader.Read(Text, brief, UnitSystem.Metric);
        var made = Changes.Apply(brief, read.Changes(Text, brief, Taken.All)).OrThrow().Value;
        made.Rules.Select(r => r.Id).ShouldBeUnique();
        made.Measures.Select(m => m.Id).ShouldBeUnique();
    }

    /// <summary>What our own sheets say of a material is read back as the same material.</summary>
    [Fact]
    public void The_materials_of_our_own_sheets_are_read_back()
    {
        var materials = DemoBriefs().SelectMany(b => b.Materials).Where(m => m.Note.Length == 0).ToList();
        materials.Count.ShouldBeGreaterThan(20);
        foreach (var material in materials)
        {
            var said = $"Materials:\n- {material.Says()}";
            var read = BriefReader.Read(said, new Brief(), UnitSystem.Metric);
            var back = read.Proposals.ShouldHaveSingleItem(said).Value.Deserialize<Material>(Json.Options)!;
            back.Says().ShouldBe(material.Says());
            (back.Amount, back.Per).ShouldBe((material.Amount, material.Per), said);
        }
    }

    /// <summary>Whatever is typed is read without an error, and every place lies within it.</summary>
    [Fact]
    public void Nothing_that_is_typed_breaks_it() =>
        Gen.OneOf(
                Gen.OneOfConst(
                    "at least",
                    "no more than",
                    "12",
                    "1/2",
                    "½",
                    "in",
                    "cm",
                    "tall",
                    "straws",
                    "must",
                    "for",
                    "each",
                    "points",
                    "\n",
                    "-",
                    "#",
                    ":",
                    ".",
                    "the",
                    "tie",
                    "$",
                    "of",
                    "and",
                    "a",
                    "half",
                    "dozen",
                    "teams",
                    "minutes",
                    "to",
                    "build",
                    "–",
                    "(",
                    "\"",
                    "wins",
                    "lightest",
                    "if",
                    "between",
                    "99999999999",
                    "one"
                ),
                Gen.String[Gen.Char, 0, 6]
            )
            .List[0, 40]
            .Sample(
                words =>
                {
                    var text = string.Join(' ', words);
                    var read = BriefReader.Read(text, new Brief(), UnitSystem.Metric);
                    foreach (var from in read.Proposals.Select(p => p.From).Concat(read.Unread))
                        (from.From >= 0 && from.From < from.To && from.To <= text.Length).ShouldBeTrue(text);
                    Changes.Apply(new Brief(), read.Changes(text, new Brief(), Taken.All)).IsOk.ShouldBeTrue(text);
                },
                iter: Thorough.Times(500)
            );

    private static IEnumerable<Brief> DemoBriefs() =>
        Directory
            .EnumerateFiles(Path.Combine(ProjectFolder.Root, "demo"), "*.brief.json")
            .Select(file => DocumentReader.Brief(File.ReadAllText(file)).OrThrow().Value);

    private static IEnumerable<string> Pages() =>
        Directory
            .EnumerateFiles(Path.Combine(ProjectFolder.Root, "tests", "reader", "pages"))
            .Select(file => File.ReadAllText(file).Split("\n---\n")[0]);
}
