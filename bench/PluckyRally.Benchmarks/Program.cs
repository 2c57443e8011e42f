using BenchmarkDotNet.Running;
using PluckyRally.Benchmarks;

// dotnet run -c Release --project bench/PluckyRally.Benchmarks -- --filter '*' --job short
// dotnet run -c Release --project bench/PluckyRally.Benchmarks -- repeats
// dotnet run -c Release --project bench/PluckyRally.Benchmarks -- rehearse demo
if (args is ["repeats"])
    Console.WriteLine(TeamsBenchmark.Repeats());
else if (args is ["rehearse", var folder])
    Console.WriteLine(string.Join(Environment.NewLine, RehearsalBenchmark.Each(folder)));
else
    BenchmarkSwitcher.FromAssembly(typeof(Program).Assembly).Run(args);
