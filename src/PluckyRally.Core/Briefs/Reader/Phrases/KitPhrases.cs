using System.Text.RegularExpressions;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>Materials, what they cost, and what there is to spend.</summary>
internal static class KitPhrases
{
    private const string HandedUnit =
        "sheets?|rolls?|strips?|pieces?(?! to\\b)|packs?|boxes|box|bags?|bottles?|cans?|spools?(?= of)|blocks?(?= of)";

    /// <summary>A budget.</summary>
    public static IEnumerable<Piece> Money(PlainText plain)
    {
        if (BudgetOf.Match(plain.Text) is { Success: true } found)
        {
            var sign = found.Groups["sign"].Value is { Length: > 0 } money ? money : found.Groups["token"].Value;
            yield return new Piece.Budget(
                plain.Range(found),
                sign is "dollars" ? "$" : sign,
                Said.Amount(found.Groups["n"])
            );
        }
    }

    /// <summary>Whether a text says that somebody gets something.</summary>
    public static bool HandsSomethingOut(PlainText plain) => Gets.IsMatch(plain.Text);

    private static readonly Regex Gets = new(@"\b(?:gets?|has|have|uses?|receives?)\b");

    /// <summary>The materials of a segment that gives something out, or that stands in the list of materials.</summary>
    public static IReadOnlyList<Piece> In(Segment segment, PlainText plain)
    {
        var lead = HandsOut.Match(plain.Text);
        if (!lead.Success && (segment.Under != Heading.Materials || SheetPhrases.IsSentence(plain.Text)))
            return [];
        var start = lead.Success ? lead.Index + lead.Length : 0;
        // Points are given out too, and are no material.
        if (lead.Success && OfPoints.IsMatch(plain.Text[start..]))
            return [];
        // "12 straws, plus 2 spare" is one item.
        var whole = Beside.Replace(plain.Text[start..], found => new string(' ', found.Length));
        if (!lead.Success && Sold.Match(whole) is { Success: true } sold)
            return [OfSold(plain, sold)];
        var per = lead.Groups["who"].Value switch
        {
            "student" or "person" or "member" or "child" or "everybody" or "everyone" => Per.Member,
            "class" => Per.Class,
            _ => Per.Team,
        };
        var pieces = new List<Piece>();
        foreach (var item in Items.Matches(whole).Cast<Match>())
            if (!OfTime.IsMatch(item.Value) && OfItem(plain, item.Value, start + item.Index, per) is { } piece)
                pieces.Add(piece);
        // A sentence that counts nothing gives nothing out: "You have to be quick."
        return
            segment.Under == Heading.Materials
            || pieces.OfType<Piece.Stuff>().Any(p => p.Amount is not null)
            || pieces.Any(p => p is Piece.Asked)
            ? pieces
            : [];
    }

    private static Piece.Stuff OfSold(PlainText plain, Match sold) =>
        new(
            plain.Range(sold),
            null,
            sold.Groups["unit"].Value is { Length: > 0 } unit and not "pack" ? Units.Read(unit)?.Symbol ?? unit : "",
            sold.Groups["name"].Value.Trim(),
            Per.Team,
            Price: Said.Amount(sold.Groups["n"]),
            Pack: sold.Groups["k"].Success ? Said.Amount(sold.Groups["k"]) : null
        );

    private static Piece? OfItem(PlainText plain, string item, int at, Per per)
    {
        var text = Shortened.Replace(And.Replace(item, ""), "");
        var back = GivenBack.Match(text) is { Success: true };
        text = GivenBack.Replace(text, "");
        if (ForWhom.Match(text) is { Success: true } whom)
        {
            per =
                whom.Groups["class"].Success ? Per.Class
                : whom.Groups["one"].Success ? Per.Member
                : whom.Groups["of"].Value switch
                {
                    "attempt" or "try" => Per.Attempt,
                    "fresh build" => Per.FreshBuild,
                    "lane" => Per.Lane,
                    "heat" => Per.Heat,
                    "round" => Per.Round,
                    _ => per,
                };
            text = text[..whom.Index] + text[(whom.Index + whom.Length)..];
        }

        var (spares, packs) = (Spare.Match(text), InPacks.Match(text));
        text = InPacks.Replace(Spare.Replace(text, ""), "");
        var aside = Aside.Match(text);
        text = Aside.Replace(text, "");
        var note = Size.Match(text).Value.Trim(' ', '(', ')');
        text = Size.Replace(text, " ").Trim(' ', '.', ',', ':');
        note = aside.Success ? aside.Groups["note"].Value : note;
        var range = plain.Range(at, item.TrimEnd().Length);
        if (Several.Match(text) is { Success: true } several)
        {
            var name = several.Groups["name"].Value;
            Piece.Stuff Of(string group) => new(range, Said.Amount(several.Groups[group]), "", name, per, back);
            return new Piece.Asked(
                range,
                $"How many {name}: {several.Groups["n"].Value} or {several.Groups["m"].Value}?",
                [Of("n"), Of("m")]
            );
        }

        foreach (var pattern in new[] { Behind, InFront, Times })
            if (pattern.Match(text) is { Success: true } found)
            {
                var unit = found.Groups["u"].Value.Trim();
                var known = Units.Read(unit)?.Symbol;
                var handed = unit is "pair" or "pairs" or "pack" or "packs" ? "" : unit;
                var amount = Said.Amount(found.Groups["n"]);
                if (unit is "pack" or "packs" && found.Groups["k"].Success)
                    amount *= Said.Amount(found.Groups["k"]);
                return new Piece.Stuff(
                    range,
                    amount,
                    known
                        ?? (
                            handed.Length == 0 ? ""
                            : amount == 1 ? English.One(handed)
                            : handed
                        ),
                    Named(found.Groups["name"].Value),
                    per,
                    back,
                    Note: note,
                    Spares: spares.Success ? Said.Amount(spares.Groups["n"]) : 0,
                    Pack: packs.Success ? Said.Amount(packs.Groups["k"]) : null
                );
            }

        var bare = Named(AsMuch.Replace(text, ""));
        return bare.Length is > 1 and < 60 && !bare.Any(char.IsAsciiDigit)
            ? new Piece.Stuff(range, null, "", bare, per, back, Note: note)
            : null;
    }

    private static string Named(string name) => Article.Replace(name.Trim(' ', '.', ','), "");

    private static readonly Regex BudgetOf = new(
        @"budget(?: of|:) (?<sign>[$€£])? ?(?<n>\d+(?:\.\d+)?) ?(?<token>coins|tokens|credits|dollars)?"
            + @"|(?<sign>[$€£])? ?(?<n>\d+(?:\.\d+)?) ?(?<token>coins|tokens|credits|dollars)? to spend"
            + @"|(?:can|may) spend (?:up to )?(?<sign>[$€£])? ?(?<n>\d+(?:\.\d+)?) ?(?<token>coins|tokens"
            + @"|credits|dollars)?"
    );

    private static readonly Regex HandsOut = new(
        @"\b(?:(?:each|every) (?:team (?=member))?(?<who>team|group|pair|student|person|member|child)(?: of \d+)?"
            + @"|(?<who>everybody|everyone)"
            + @"|(?<!\b(?:best|winning|first|last) )teams?|groups?|you|they|we|(?:the )?(?<who>class)) "
            + @"(?:(?:will|may|can) )?(?:only )?(?:gets?|has|have|uses?|receives?) (?:only )?(?!to\b)"
            + @"|\bgive (?:each|every) (?<who>team|student|person|group|child|member) "
            + @"|^what (?:you|they) (?:need|get): ?|^you(?:'ll| will)? need: ?|^you'll get |^(?:for )?each "
            + @"(?:team|group|pair): ?|^on the tray: ?"
    );

    private static readonly Regex Sold = new(
        @"^(?:an? )?(?<name>[a-z][a-z -]*?)[,:]? (?:at |for |costs? )?[$€£]?(?<n>\d+(?:\.\d+)?)(?: (?:coins?"
            + @"|tokens?|credits?|dollars?))?"
            + @" (?:each|(?:per|a|for each) (?<unit>[a-z]+)(?: of (?<k>\d+))?)\.?$"
            + @"|^(?<name>[a-z][a-z -]*?)[,:] [$€£](?<n>\d+"
            + @"(?:\.\d+)?)\.?$"
    );

    private static readonly Regex Beside = new(
        @",(?= (?:and |plus )?\d+ (?:spares?|extra)\b)| and(?= \d+ (?:spares?|extra)\b)"
            + @"|,(?= (?:sold |they come )?in packs? of \d)"
    );

    private static readonly Regex OfTime = new(
        @"^\s*(?:and )?\d+ (?:more )?(?:minutes?|mins?|seconds?|hours?|tries|try|attempts?|chances?)\b"
    );

    private static readonly Regex OfPoints = new(@"^(?:\d+|all|no|more|fewer) (?:\w+ )?points?\b");

    private static readonly Regex Spare = new(
        @"\s*\(?(?:\b(?:plus|and|with)|\+)? ?(?<n>\d+) (?:spares?|extras?)(?: (?!for\b)[a-z]+)?"
            + @"(?: for the class)?\)?(?=$|[ .;])"
    );

    private static readonly Regex InPacks = new(
        @"\s*\(?(?:\b(?:sold|they come|it comes) )?(?:\bin )?\bpacks? of (?<k>\d+)\)?$"
    );

    private static readonly Regex Items = new(@"(?:(?!, and |, | and (?=(?:an? |\d|some )|[a-z]+$)).)+");

    private static readonly Regex GivenBack = new(
        @"\s*\(?\b(?:to )?(?:be )?(?:give(?:n)? (?:it |them )?back|returned?|gives? back)\)?"
    );

    private static readonly Regex ForWhom = new(
        @"\s*\(?\b(?:(?<class>for the (?:whole )?class|to share|shared|for everyone)"
            + @"|(?<one>(?:per|for each|for every) (?:student|person|member|child))|(?:per|for each|for every) "
            + @"(?:team|group|(?<of>attempt|try|fresh build|lane|heat|round)))\)?"
    );

    private static readonly Regex Several = new($@"^(?<n>\d+) ?(?:-|to) ?{Said.Other} (?<name>[a-z][a-z -]*)$");

    private static readonly Regex InFront = new(
        @"^(?:about |around |up to |at most |only |exactly )?(?<n>\d+(?:\.\d+)?|one|an?)(?: more)?"
            + @"(?: ?(?<u>pairs?(?= of)|packs?(?= of \d)|"
            + HandedUnit
            + @"|(?:centi|milli)?met(?:er|re)s?|grams?|inch(?:es)?|foot|feet|yards?|ounces?|pounds?|cups?(?= of)"
            + @"|cm|mm|m|in|ft|yd|g|kg|oz|lbs?|ml|l)\b)?"
            + @"(?: of)?(?: (?<k>\d+))? (?<name>[a-z][a-z' -]*)$"
    );

    private static readonly Regex Behind = new(
        @"^(?<name>[a-z][a-z -]*?)(?: x ?|: ?| \(| - ?|, )(?:max\.? |about |up to |at most )?(?<n>\d+(?:\.\d+)?)"
            + @"(?: ?(?<u>cm|mm|m|in|ft|g|sheets?|rolls?"
            + @"|meters?|inches|feet))?\)?$"
    );

    private static readonly Regex Times = new(@"^(?<n>\d+) ?x ?(?<name>[a-z][a-z -]*)(?<u>)$");

    private static readonly Regex AsMuch = new(
        @"^as (?:much|many) |,?(?: as (?:much|many))? as (?:you|they) (?:like|want|need)|^some |^any "
    );

    /// <summary>What stands behind it in brackets, and is no number: "(drawn)".</summary>
    private static readonly Regex Aside = new(@"\s*\((?<note>[a-z][^)\d]*)\)$");

    /// <summary>How large one is: "20 cm x 20 cm", (12" x 12").</summary>
    private static readonly Regex Size = new(
        @"\s?\(?\d+(?:\.\d+)? ?(?:cm|mm|m|inch(?:es)?|in|ft|feet|"")? ?(?:x|by) ?\d+(?:\.\d+)? ?"
            + @"(?:cm|mm|m|inch(?:es)?|in|ft|feet|"")?\)?\s?"
    );

    /// <summary>The point of "3 ft. of tape".</summary>
    private static readonly Regex Shortened = new(@"(?<=\b(?:ft|in|oz|lbs?|yd|cm))\.(?= )");

    private static readonly Regex And = new(@"^\s*and ");

    private static readonly Regex Article = new(@"^(?:an?|the|some) ");
}
