using PluckyRally.Core.Papers;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    public sealed partial record Measured
    {
        public override IEnumerable<PaperBlock> Paper => [];

        public override IEnumerable<PaperEntry> FromPaper(TypedPaper paper) => [];
    }
}
