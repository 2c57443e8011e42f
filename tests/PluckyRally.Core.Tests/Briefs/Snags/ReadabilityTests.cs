using PluckyRally.Core.Tests.Statistics;

namespace PluckyRally.Core.Tests.Briefs;

public sealed class ReadabilityTests
{
    public static TheoryData<string[]> Texts => new(ReferenceFile.Lines("style-kincaid.csv"));

    /// <summary>Syllables are guessed from spelling by both; a tenth of one per word is 1.2 grades.</summary>
    [Theory]
    [MemberData(nameof(Texts))]
    public void Agrees_with_GNU_style(string[] line)
    {
        var text = Readability.Of(line[4]);
        text.Words.ShouldBe((int)ReferenceFile.Number(line[1]));
        text.Sentences.ShouldBe((int)ReferenceFile.Number(line[2]));
        ((double)text.Syllables / text.Words).ShouldBe(ReferenceFile.Number(line[3]), 0.1);
        text.Grade.ShouldBe(ReferenceFile.Number(line[0]), 1.2);
    }

    /// <summary>From any dictionary; from memory.</summary>
    [Theory]
    [InlineData("cat", 1)]
    [InlineData("table", 2)]
    [InlineData("made", 1)]
    [InlineData("wanted", 2)]
    [InlineData("jumped", 1)]
    [InlineData("boxes", 2)]
    [InlineData("highest", 2)]
    [InlineData("engineer", 3)]
    [InlineData("material", 4)]
    [InlineData("station", 2)]
    [InlineData("measure", 2)]
    [InlineData("tied", 1)]
    [InlineData("the", 1)]
    [InlineData("building", 2)]
    [InlineData("carrying", 3)]
    public void Syllables(string word, int count) => Readability.SyllablesOf(word).ShouldBe(count);

    /// <summary>
    /// The preamble of the Constitution of the United States, counted by hand with a dictionary's hyphens: 93.
    /// </summary>
    [Fact]
    public void A_text_counted_by_hand() =>
        Readability
            .Of(
                "We the People of the United States, in Order to form a more perfect Union, establish "
                    + "Justice, insure domestic Tranquility, provide for the common defense, promote the general "
                    + "Welfare, and secure the Blessings of Liberty to ourselves and our Posterity, do ordain "
                    + "and establish this Constitution for the United States of America."
            )
            .Syllables.ShouldBeInRange(91, 95);

    [Fact]
    public void No_words_have_no_grade() => Readability.Of(" … ").Grade.ShouldBe(0);
}
