# Makes the golden files beside it with R, so that ./test needs none. Run: Rscript tests/references/make.R tests/references
# Quantiles: stats::quantile, all nine types. Kendall: stats::cor(method = "kendall"), tau-b where there are ties.
# Ranks: base::rank(ties.method = "min"). Speeds: datasets::morley, Michelson's speed of light, in km/s less 299000.
folder <- commandArgs(trailingOnly = TRUE)[1]
set.seed(20261124)
say <- function(name, lines) writeLines(c(paste("# Made by make.R with", R.version.string), lines), file.path(folder, name))
exact <- function(x) format(x, digits = 17, scientific = FALSE, trim = TRUE)

sets <- list(
  c(412, 388, 455, 430, 397, 441, 420, 436, 405, 428),
  c(7), c(3, 9), c(1, 2, 3), c(5, 5, 5, 8), round(runif(11, 0, 60), 1), round(rnorm(30, 100, 15), 1), c(0.1, 0.2, 0.3, 0.4, 0.5)
)
lines <- "# set,type,p,value"
for (i in seq_along(sets)) {
  lines <- c(lines, paste0("set,", i, ",", paste(exact(sets[[i]]), collapse = " ")))
  for (type in 1:9) for (p in c(0, 0.1, 0.25, 0.5, 0.75, 0.9, 1))
    lines <- c(lines, paste(i, type, p, exact(quantile(sets[[i]], p, type = type, names = FALSE)), sep = ","))
}
say("r-quantiles.csv", lines)

lines <- "# keys in the order given,tau"
for (n in c(2, 3, 5, 6, 9, 12)) for (k in 1:6) {
  keys <- if (k <= 3) sample(n) else sample(seq_len(max(2, n %/% 2)), n, replace = TRUE)
  if (length(unique(keys)) > 1) lines <- c(lines, paste0(paste(keys, collapse = " "), ",", exact(cor(seq_len(n), keys, method = "kendall"))))
}
say("r-kendall.csv", lines)

lines <- "# totals,places of the highest first"
for (n in c(1, 2, 4, 7, 12)) for (k in 1:4) {
  totals <- sample(0:(n %/% 2 + 1), n, replace = TRUE)
  lines <- c(lines, paste0(paste(totals, collapse = " "), ",", paste(rank(-totals, ties.method = "min"), collapse = " ")))
}
say("r-ranks.csv", lines)
say("r-morley.csv", c("# speed", exact(datasets::morley$Speed)))

lines <- "# set,mean,median,mad,sd"
for (i in seq_along(sets)) lines <- c(lines, paste(i, exact(mean(sets[[i]])), exact(median(sets[[i]])), exact(mean(abs(sets[[i]] - mean(sets[[i]])))), exact(sd(sets[[i]])), sep = ","))
say("r-summaries.csv", lines)
