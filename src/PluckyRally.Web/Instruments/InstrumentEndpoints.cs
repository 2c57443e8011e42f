using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Web.Access;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Instruments;

/// <summary>The instruments that judges may take readings from.</summary>
internal static class InstrumentEndpoints
{
    public static void MapInstruments(this IEndpointRouteBuilder api)
    {
        var instruments = api.MapGroup("/rallies/{id:guid}/instruments")
            .WithTags("Instruments")
            .For(Operation.ReadInstruments);
        instruments.MapGet("", All).WithName("listInstruments");
        instruments.MapPost("/{instrument}/zero", Zero).WithName("zeroInstrument");
    }

    private static Ok<IReadOnlyList<Instrument>> All(Guid id, InstrumentBoard board) => TypedResults.Ok(board.All());

    private static async Task<Results<NoContent, Missing>> Zero(Guid id, string instrument, InstrumentBoard board) =>
        await board.Tell(instrument, "ZERO") ? TypedResults.NoContent() : new Missing("instrument");
}
