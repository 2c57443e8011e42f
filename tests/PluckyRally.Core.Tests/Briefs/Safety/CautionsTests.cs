namespace PluckyRally.Core.Tests.Briefs;

/// <summary>Which sentences speak of a hazard, and which only rule it out (common practice, no source).</summary>
public sealed class CautionsTests
{
    [Theory]
    [InlineData("One of you stands on the bridge while the class counts.", HazardKind.StandingOnBuilds)]
    [InlineData("Two students sit on it together.", HazardKind.StandingOnBuilds)]
    [InlineData("It holds a student for 5 seconds.", HazardKind.StandingOnBuilds)]
    [InlineData("It carries one of you across the room.", HazardKind.StandingOnBuilds)]
    [InlineData("Walk over the bridge, one after the other.", HazardKind.StandingOnBuilds)]
    [InlineData("Your stool must bear your own weight.", HazardKind.StandingOnBuilds)]
    [InlineData("The teacher steps carefully onto the platform.", HazardKind.StandingOnBuilds)]
    [InlineData("Somebody kneels on your raft.", HazardKind.StandingOnBuilds)]
    [InlineData("The chair supports the weight of a child.", HazardKind.StandingOnBuilds)]
    [InlineData("A team mate climbs up on the structure.", HazardKind.StandingOnBuilds)]
    [InlineData("Stand on what you built.", HazardKind.StandingOnBuilds)]
    [InlineData("The causeway takes people.", HazardKind.StandingOnBuilds)]
    [InlineData("Cut the card with scissors.", HazardKind.Cutters)]
    [InlineData("No scissors without a grown-up beside you.", HazardKind.Cutters)]
    [InlineData("No knives before the teacher has shown them.", HazardKind.Cutters)]
    [InlineData("The glue guns stay at the glue table.", HazardKind.HotGlue)]
    [InlineData("No tape, but scissors are on the table.", HazardKind.Cutters)]
    [InlineData("A fan blows from two metres.", HazardKind.FansAndHeat)]
    [InlineData("Launch it from the line.", HazardKind.Projectiles)]
    [InlineData("Beads are loaded one by one.", HazardKind.SmallParts)]
    public void Speaks_of_a_hazard(string sentence, HazardKind kind) =>
        Cautions.In(sentence).Select(h => h.Kind).ShouldContain(kind);

    [Theory]
    [InlineData("No glue, tape or scissors.")]
    [InlineData("Without any knives, saws or cutters.")]
    [InlineData("Do not use scissors here.")]
    [InlineData("Nobody may stand on the bridge.")]
    [InlineData("Never sit on it.")]
    [InlineData("You must not climb on the structure.")]
    [InlineData("Nobody throws it.")]
    [InlineData("It stands by itself on the table.")]
    [InlineData("The lamp stands at the top, a ball of cork.")]
    [InlineData("It holds up the lamp while the judge counts.")]
    [InlineData("Fold the paper along the line.")]
    [InlineData("The bridge holds as much as it can.")]
    [InlineData("No balloons and no rubber bands.")]
    [InlineData("Bring your own idea, and nothing that cuts.")]
    [InlineData("Walk around the cairns, not between them.")]
    public void Speaks_of_none(string sentence) =>
        Cautions.In(sentence).Select(h => $"{h.Kind}: {h.Word}").ShouldBeEmpty();
}
