using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

public static partial class Patterns
{
    private static Brief SortIt(Draft d) =>
        d.Begin(Pattern.SortIt, "Where does it belong?", "Put each find where it belongs.") with
        {
            Materials =
            [
                Draft.Stuff("finds", "finds", "thing carried", 9, reusable: true, note: "a set"),
                Draft.Stuff("trays", "trays", "rig", 3, reusable: true),
            ],
            Conditions = [Draft.Same("set", "The finds", "the same set for every team")],
            Trials = new()
            {
                How = "Look, talk, and put each find in a tray. When time is up, hands off. Then we look at the key.",
            },
            Method = new()
            {
                Parts =
                [
                    new Part.Bins
                    {
                        Id = "trays",
                        Name = "In the right tray",
                        Names = ["made by animals", "made by plants", "made by people"],
                        Items =
                        [
                            .. Enumerable
                                .Range(1, 9)
                                .Select(i => new BinItem
                                {
                                    Id = $"find{i}",
                                    Name = $"find {i}",
                                    Bin =
                                        i <= 3 ? "made by animals"
                                        : i <= 6 ? "made by plants"
                                        : "made by people",
                                }),
                        ],
                        Right = 2,
                        Wrong = -1,
                        AllRightBonus = 3,
                        Floor = 0,
                    },
                ],
                TieBreaks =
                [
                    new()
                    {
                        Name = "fewer in a wrong tray",
                        Value = "trays.wrong",
                        Better = Better.Less,
                    },
                ],
            },
            Timing = Draft.Lesson(10, 1, 1),
            Words = [new() { Word = "key", Meaning = "the list of right answers" }],
            Hazards = Draft.Beware(HazardKind.SmallParts),
        };
}
