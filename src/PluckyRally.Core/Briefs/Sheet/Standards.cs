namespace PluckyRally.Core.Briefs;

/// <summary>A standard of engineering design.</summary>
/// <param name="Code">Its code.</param>
/// <param name="Says">What it asks for, in our own words.</param>
/// <param name="Grades">The grades it is for.</param>
public sealed record Standard(string Code, string Says, GradeBand Grades);

/// <summary>
/// The performance expectations for engineering design of the Next Generation Science Standards (NGSS Lead States,
/// 2013); codes from memory, descriptions in our own words.
/// </summary>
public static class Standards
{
    /// <summary>All of them, youngest first.</summary>
    public static IReadOnlyList<Standard> All { get; } =
    [
        new(
            "K-2-ETS1-1",
            "Ask, look and find out what a problem is that a new or better object could solve.",
            GradeBand.KTo2
        ),
        new("K-2-ETS1-2", "Sketch, draw or model how an object's shape helps it to do its job.", GradeBand.KTo2),
        new(
            "K-2-ETS1-3",
            "Test two objects made for the same job and say what each is good and bad at.",
            GradeBand.KTo2
        ),
        new(
            "3-5-ETS1-1",
            "State a design problem with criteria for success and limits on material, time or cost.",
            GradeBand.From3To5
        ),
        new(
            "3-5-ETS1-2",
            "Find several possible solutions and hold them against the criteria and constraints.",
            GradeBand.From3To5
        ),
        new(
            "3-5-ETS1-3",
            "Plan and carry out fair tests, change one thing at a time, and use failures to improve.",
            GradeBand.From3To5
        ),
        new(
            "MS-ETS1-1",
            "State criteria and constraints precisely enough for success, science and effects on people included.",
            GradeBand.From6To8
        ),
        new("MS-ETS1-2", "Judge competing solutions by an agreed method.", GradeBand.From6To8),
        new(
            "MS-ETS1-3",
            "Read test data for what designs share and where they differ, and combine what is best.",
            GradeBand.From6To8
        ),
        new(
            "MS-ETS1-4",
            "Make a model that yields data for testing and changing a design again and again.",
            GradeBand.From6To8
        ),
        new(
            "HS-ETS1-1",
            "Set out a large problem with measurable criteria and constraints from what society needs.",
            GradeBand.From9To12
        ),
        new(
            "HS-ETS1-2",
            "Break a complex problem into smaller ones that can be solved by engineering.",
            GradeBand.From9To12
        ),
        new(
            "HS-ETS1-3",
            "Weigh a solution by ranked criteria and trade-offs such as cost, safety and reliability.",
            GradeBand.From9To12
        ),
        new(
            "HS-ETS1-4",
            "Simulate how solutions would act on a complex problem with many criteria.",
            GradeBand.From9To12
        ),
    ];
}
