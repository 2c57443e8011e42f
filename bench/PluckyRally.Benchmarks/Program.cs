using BenchmarkDotNet.Running;
using PluckyRally.Benchmarks;

// dotnet run -c Release --project bench/PluckyRally.Benchmarks -- --filter '*' --job short
// dotnet run -c Release --project bench/PluckyRally.Benchmarks -- repeats
if (args is ["repeats"]) Console.WriteLine(TeamsBenchmark.Repeats());
else BenchmarkSwitcher.FromAssembly(typeof(Program).Assembly).Run(args);
