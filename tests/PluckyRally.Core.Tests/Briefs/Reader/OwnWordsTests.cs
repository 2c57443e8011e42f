using CsCheck;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Time;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>
/// What our own sheets say is read back as what the brief has, or stays as text; nothing else comes of it.
/// </summary>
public sealed class OwnWordsTests
{
    public static TheoryData<Pattern, UnitSystem> Sheets
    {
        get
        {
            var sheets = new TheoryData<Pattern, UnitSystem>();
            foreach (var pattern in PatternInfo.All.Where(p => p.Pattern != Pattern.Blank))
            foreach (var units in Enum.GetValues<UnitSystem>())
                sheets.Add(pattern.Pattern, units);
            return sheets;
        }
    }

    [Theory]
    [MemberData(nameof(Sheets))]
    public void The_sheet_of_a_pattern_is_read_back(Pattern pattern, UnitSystem units)
    {
        var brief = Patterns.Begin(pattern, GradeBand.From3To5, units);
        var back = Back(brief, units);
        back.Title.ShouldBe(brief.Title);
        back.Goal.ShouldBe(brief.Goal);
        Same(brief, back);
    }

    /// <summary>Any limit, material, phase, points and tie-break that a pattern of ours can be given.</summary>
    [Fact]
    public void The_sheet_of_any_brief_is_read_back() =>
        Gen.Select(Rules, Materials, Phases, Scored)
            .Sample(
                (rules, materials, phases, scored) =>
                {
                    var brief = new Brief
                    {
                        Title = "Over the gully",
                        Measures =
                        [
                            Sample.Height(),
                            Grams("mass", ReadOccasion.Once),
                            Grams("load", ReadOccasion.EachAttempt),
                            Sample.Count("beads", "beads"),
                        ],
                        Rules = [.. rules.DistinctBy(r => r.Id)],
                        Materials = [.. materials.DistinctBy(m => m.Id)],
                        Timing = new() { Phases = [.. phases.DistinctBy(p => p.Id)] },
                        Method = scored,
                        Trials = new() { Attempts = 3 },
                    };
                    Same(brief, Back(brief, UnitSystem.Metric));
                },
                iter: Thorough.Times(300)
            );

    private static Brief Back(Brief brief, UnitSystem units)
    {
        var said = BriefMarkdown.Write(Editions.Resolve(brief, "").OrThrow(), withTeacherPart: false);
        var read = BriefReader.Read(said, new Brief(), units);
        return Changes.Apply(new Brief(), read.Changes(said, new Brief(), Taken.All)).OrThrow().Value;
    }

    /// <summary>Nothing that is read back differs from the brief; what cannot be read yet may be missing.</summary>
    private static void Same(Brief brief, Brief back)
    {
        back.Rules.Select(r => r.Text)
            .ShouldBeSubsetOf(
                brief.Rules.Select(r => r.Text).Concat(back.Rules.Where(IsOfHold).Select(r => r.Text)),
                "no rule is made up"
            );
        foreach (var rule in back.Rules.Where(r => !IsOfHold(r)))
        {
            var was = brief.Rules.First(r => r.Text == rule.Text);
            (rule.Sort, rule.IfMissed.GetType()).ShouldBe((was.Sort, was.IfMissed.GetType()), rule.Text);
            if (rule.Check is RuleCheck.Limit limit)
            {
                var said = (RuleCheck.Limit)was.Check;
                (limit.Comparison, limit.Amount).ShouldBe((said.Comparison, said.Amount), rule.Text);
            }
        }

        back.Materials.Select(m => m.Says())
            .ShouldBe(brief.Materials.Where(m => !m.IsRig).Select(m => m.Says()), "all materials");
        foreach (var phase in back.Timing.Phases)
            phase.Minutes.ShouldBe(Whole(brief, phase.Kind), $"{phase.Kind}");
        foreach (var part in back.Method.Parts.OfType<Part.Measured>())
            brief
                .Method.Parts.OfType<Part.Measured>()
                // A value that is itself the points gives 1 for each of it.
                .Select(p => ((p.Curve is Curve.Raw ? new Curve.Rate(1) : p.Curve).ToString(), p.Combine))
                .ShouldContain((part.Curve.ToString(), part.Combine), part.Name);
        back.Method.Wins.ShouldBe(brief.Method.Wins);
        if (brief.TakesAttempts)
            back.Trials.Attempts.ShouldBe(brief.Trials.Attempts);
        back.Trials.HoldSeconds.ShouldBe(brief.Trials.HoldSeconds);
    }

    /// <summary>The minutes of a phase as the sheet says them.</summary>
    private static decimal Whole(Brief brief, PhaseKind kind)
    {
        var phase = brief.Timing.Phases.First(p => p.Kind == kind);
        var minutes = Minutes.Of(phase, brief.Timing.Teams, brief.Trials.Attempts);
        return Math.Max(1, Math.Round(minutes, MidpointRounding.AwayFromZero));
    }

    private static bool IsOfHold(Rule rule) => rule.Id.StartsWith("stands", StringComparison.Ordinal);

    private static Measure Grams(string id, ReadOccasion taken) =>
        Sample.Measure(id, MeasureKind.Mass, name: SentenceCase.Beginning(id), unit: "g", taken: taken);

    private static readonly Gen<List<Rule>> Rules = Gen.Select(
        Gen.OneOfConst(
            ("At least {0} cm tall", Comparison.AtLeast),
            ("At most {0} cm wide", Comparison.AtMost),
            ("No longer than {0} cm", Comparison.AtMost),
            ("It weighs less than {0} g", Comparison.LessThan)
        ),
        Gen.Int[2, 90],
        (said, n) =>
            Sample.Limit(
                said.Item1[..8],
                "mass",
                said.Item2,
                $"{n} {said.Item1.Split(' ').First(w => w is "cm" or "g")}",
                new Consequence.DoesNotPlace()
            ) with
            {
                Sort = RuleSort.Criterion,
                Text = string.Format(System.Globalization.CultureInfo.InvariantCulture, said.Item1, n),
            }
    ).List[0, 4];

    private static readonly Gen<List<Material>> Materials = Gen.Select(
        Gen.OneOfConst(("straws", ""), ("tape", "cm"), ("foil", "sheets"), ("rubber bands", "")),
        Gen.Int[2, 40],
        Gen.OneOfConst(Per.Team, Per.Member, Per.Attempt, Per.Class),
        (thing, n, per) => Sample.Material(thing.Item1, thing.Item1, amount: n, unit: thing.Item2, per: per)
    ).List[0, 4];

    private static readonly Gen<List<Phase>> Phases = Gen.Select(
        Gen.OneOfConst(PhaseKind.Introduce, PhaseKind.Build, PhaseKind.Test, PhaseKind.Talk, PhaseKind.ClearUp),
        Gen.Int[1, 40],
        (kind, minutes) => Sample.Phase($"{kind}", kind, minutes: minutes)
    ).List[0, 4];

    private static readonly Gen<Method> Scored = Gen.Select(
        Gen.OneOfConst("height", "load", "beads"),
        Gen.Int[1, 20],
        Gen.Int[0, 2],
        Gen.OneOfConst(Combine.Best, Combine.Mean, Combine.Last),
        (value, points, curve, combine) =>
            new Method
            {
                Parts =
                [
                    Sample.Part(
                        value,
                        curve == 0 || value == "beads" ? new Curve.Rate(points)
                            : curve == 1 ? new Curve.ShareOfBest(points)
                            : new Curve.Between(10, 60, points),
                        combine: combine
                    ) with
                    {
                        Name = SentenceCase.Beginning(value),
                    },
                ],
            }
    );
}
