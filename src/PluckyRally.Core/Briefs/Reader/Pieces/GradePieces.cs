using System.Text.RegularExpressions;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

internal abstract partial record Piece
{
    /// <summary>A difference for some grades: another value for something that the text says for all.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Band">The grades.</param>
    /// <param name="Inner">What is said for them.</param>
    public sealed record ForGrades(TextRange From, GradeBand Band, Piece Inner) : Piece(From)
    {
        public override string Says() =>
            $"{GradeBands.Name(Band)}: "
            + (
                Inner is Limit limit
                    ? $"{limit.Measure.Name.ToLowerInvariant()} {limit.SayRange()}."
                    : SentenceCase.Sentence(Inner.Says())
            );

        public override bool HasPlace(PieceDraft draft) => Differs(draft).Any();

        /// <summary>A tier for these grades, which is added once, and the values that it has of its own.</summary>
        public override IReadOnlyList<Change> Changes(PieceDraft draft)
        {
            var tier = GradeTier.For(draft.Brief, Band);
            return
            [
                Change.Append("/tiers", tier),
                .. Differs(draft).Select(change => change with { Tier = tier.Id }).Reverse(),
            ];
        }

        /// <summary>Whether something that is said for all is what this differs from.</summary>
        public bool IsAbout(Piece other) =>
            (Inner, other) switch
            {
                (Limit mine, Limit all) => mine.Measure.Id == all.Measure.Id
                    && (mine.Comparison == all.Comparison || mine.Comparison == Comparison.Exactly)
                    && all.Comparison != Comparison.Between,
                (Stuff mine, Stuff all) => mine.Amount is not null
                    && mine.Unit == all.Unit
                    && English.One(mine.Name) == English.One(all.Name),
                (OfPhase mine, OfPhase all) => mine.Kind == all.Kind,
                (Attempts, Attempts) or (Hold, Hold) or (TeamSize, TeamSize) => true,
                _ => false,
            };

        /// <summary>The value first, then what is said beside it.</summary>
        private IEnumerable<Change> Differs(PieceDraft draft)
        {
            foreach (var all in draft.All.Where(IsAbout).Take(1))
                switch (Inner, all)
                {
                    case (Limit mine, Limit common):
                        var rule = $"/rules/{draft.IdOf(common, Limit.Stem(common))}";
                        yield return Change.Set($"{rule}/check/amount", mine.Amount);
                        yield return Change.Set($"{rule}/text", InWords(common, mine));
                        break;
                    case (Stuff mine, Stuff common):
                        yield return Change.Set($"/materials/{draft.IdOf(common, "material")}/amount", mine.Amount);
                        break;
                    case (OfPhase mine, OfPhase common):
                        yield return Change.Set(
                            $"/timing/phases/{draft.IdOf(common, OfPhase.Stem(common))}/minutes",
                            mine.Minutes
                        );
                        break;
                    case (Attempts mine, _):
                        yield return Change.Set("/trials/attempts", mine.Number);
                        break;
                    case (Hold mine, _):
                        yield return Change.Set("/trials/holdSeconds", mine.Seconds);
                        break;
                    case (TeamSize mine, _):
                        yield return Change.Set("/timing/teamSize", mine.Students);
                        break;
                }
        }

        /// <summary>
        /// The rule's words with the other number in them; a rule that does not say its number says its measure.
        /// </summary>
        private static string InWords(Limit all, Limit mine)
        {
            var (was, now) = (all.Amount.Split(' ')[0], mine.Amount.Split(' ')[0]);
            var number = new Regex($@"(?<![\d.]){Regex.Escape(was)}(?![\d.])");
            return number.Count(all.Text) == 1
                ? number.Replace(all.Text, now)
                : $"{all.Measure.Name}: {(all with { Amount = mine.Amount }).SayRange()}";
        }
    }
}
