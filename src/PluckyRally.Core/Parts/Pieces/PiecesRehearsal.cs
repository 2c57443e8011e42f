using PluckyRally.Core.Briefs;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    public sealed partial record Pieces
    {
        public override IEnumerable<TryHandle> Handles =>
            Groups.Select(g => Handle(What(g), g.Length > 0 ? g : "pieces", "", 0, 12));

        public override IEnumerable<RehearsedThing> Things =>
            Groups.Select(g => Amount(What(g), g.Length > 0 ? g : "pieces", "", new(0, 4, 12)));

        public override IEnumerable<ThingCame> Came(DesignRecord design) =>
            PartEntries.Of<Entry.PiecesCounted>(design, Definition.Id) is [.., var counted]
                ? Groups.Select(g =>
                    CameOf(What(g), counted.Pieces.Where(p => g.Length == 0 || p.First == g).Sum(p => p.Count))
                )
                : [];

        public override IEnumerable<Entry> Rehearse(PartRehearsal team)
        {
            yield return new Entry.PiecesCounted
            {
                Id = default,
                Team = team.Team,
                Part = Definition.Id,
                Pieces =
                [
                    .. Groups.Select(
                        (g, i) =>
                            new PieceGroup
                            {
                                First = g,
                                Second =
                                    Definition.Second.Values.Count > 0
                                        ? Definition.Second.Values[i % Definition.Second.Values.Count].Name
                                        : "",
                                Count = team.Whole(What(g)),
                                Length = (i + 2) * Definition.Step,
                                Width = (i + 1) * Definition.Step,
                            }
                    ),
                ],
            };
        }

        private static string What(string group) => group.Length > 0 ? group : "count";

        /// <summary>The groups of pieces that are told apart: the first label's values, or one group of all.</summary>
        private IReadOnlyList<string> Groups =>
            Definition.First.Values.Count > 0 ? [.. Definition.First.Values.Select(v => v.Name)] : [""];
    }
}
