using PluckyRally.Core.Kit;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>Amounts, minutes and texts that cannot be, each at its place.</summary>
public sealed class SheetCheckTests
{
    private static readonly Material Straws = Sample.Material("straws", "Straws", amount: 5);
    private static readonly Phase Build = Sample.Phase("build", PhaseKind.Build, minutes: 10);

    public static TheoryData<Brief, string> Wrong =>
        new()
        {
            { Sample.Simple() with { Materials = [Straws with { Name = " " }] }, "/materials/straws/name" },
            { Sample.Simple() with { Materials = [Straws with { Amount = -1 }] }, "/materials/straws/amount" },
            { Sample.Simple() with { Materials = [Straws with { Spares = -1 }] }, "/materials/straws/spares" },
            { Sample.Simple() with { Materials = [Straws with { Pack = 0 }] }, "/materials/straws/pack" },
            { Sample.Simple() with { Materials = [Straws with { Price = -0.01m }] }, "/materials/straws/price" },
            { Sample.Simple() with { Materials = [Straws, Straws] }, "/materials/straws/id" },
            { Sample.Simple() with { Timing = new() { Lesson = 0 } }, "/timing/lesson" },
            { Sample.Simple() with { Timing = new() { Lessons = 0 } }, "/timing/lessons" },
            { Sample.Simple() with { Timing = new() { SetUp = -1 } }, "/timing/setUp" },
            { Sample.Simple() with { Timing = new() { CleanUp = -1 } }, "/timing/cleanUp" },
            { Sample.Simple() with { Timing = new() { Teams = 0 } }, "/timing/teams" },
            {
                Sample.Simple() with
                {
                    Timing = new() { Phases = [Build with { Minutes = -1 }] },
                },
                "/timing/phases/build/minutes"
            },
            {
                Sample.Simple() with
                {
                    Timing = new() { Phases = [Build with { Warning = 10 }] },
                },
                "/timing/phases/build/warning"
            },
            {
                Sample.Simple() with
                {
                    Timing = new() { Phases = [Build with { TestBays = 0 }] },
                },
                "/timing/phases/build/stations"
            },
            {
                Sample.Simple() with
                {
                    Timing = new() { Phases = [Build with { Changeover = -1 }] },
                },
                "/timing/phases/build/changeover"
            },
            { Sample.Simple() with { Timing = new() { Phases = [Build, Build] } }, "/timing/phases/build/id" },
            { Sample.Simple() with { Stages = new() { Measure = "width" } }, "/stages/measure" },
            {
                Sample.Simple() with
                {
                    Stages = new() { Stages = [new() { Id = "s", Needs = [new("glue", 1)] }] },
                },
                "/stages/stages/s/needs/0/material"
            },
            {
                Sample.Simple() with
                {
                    Materials = [Straws],
                    Stages = new() { Stages = [new() { Id = "s", Needs = [new("straws", 0)] }] },
                },
                "/stages/stages/s/needs/0/amount"
            },
            { Sample.Simple() with { Trials = new() { HoldSeconds = -1 } }, "/trials/holdSeconds" },
            {
                Sample.Simple() with
                {
                    Measures = [Sample.Height() with { Expected = new(5, 5) }],
                },
                "/measures/height/expected/high"
            },
            { Sample.Simple() with { Question = new string('x', 4001) }, "/question" },
            { Sample.Simple() with { Teacher = new() { Hints = ["", new string('x', 4001)] } }, "/teacher/hints/1" },
            { Sample.Simple() with { Conditions = [new() { Id = "1" }] }, "/conditions/1/id" },
        };

    [Theory]
    [MemberData(nameof(Wrong))]
    public void Is_found_at_its_place(Brief brief, string at)
    {
        var problem = CompiledEdition.For(new Edition { Brief = brief }).Problems.ShouldHaveSingleItem();
        problem.At.ShouldBe(at);
        problem.Remedy.ShouldNotBeEmpty();
    }

    [Fact]
    public void What_is_left_out_is_not_looked_at() =>
        CompiledEdition
            .For(new Edition { Brief = Sample.Simple() with { Materials = [Straws with { Amount = -1, Off = true }] } })
            .Problems.ShouldBeEmpty();
}
