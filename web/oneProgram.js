import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import ts from 'typescript'
import { parser as typescript } from 'typescript-eslint'
import * as components from 'vue-eslint-parser'

const here = fileURLToPath(new URL('.', import.meta.url))

/** The script of a component as its parser hands it on: two scripts as one, what it is generic in declared first. */
function scriptOf(component) {
  let script = ''
  const parser = {
    parseForESLint(code, options) {
      if (code.length > script.length) script = code
      return typescript.parseForESLint(code, options)
    },
  }
  components.parseForESLint(component.replace(/^<template>[^]*^<\/template>/m, ''), { parser, sourceType: 'module' })
  return script
}

/** All files as one program, components by their scripts. */
function programOfAll() {
  const { config } = ts.readConfigFile(`${here}tsconfig.json`, ts.sys.readFile)
  const vue = [{ extension: '.vue', isMixedContent: true, scriptKind: ts.ScriptKind.Deferred }]
  const all = ts.parseJsonConfigFileContent(config, ts.sys, here, {}, undefined, undefined, vue)
  const options = { ...all.options, allowNonTsExtensions: true }
  const host = ts.createCompilerHost(options, true)
  const read = host.getSourceFile
  host.getSourceFile = (file, target, ...more) =>
    file.endsWith('.vue')
      ? ts.createSourceFile(file, scriptOf(readFileSync(file, 'utf8')), target, true, ts.ScriptKind.TS)
      : read(file, target, ...more)
  return ts.createProgram(all.fileNames, options, host)
}

let program

/**
 * Reads scripts for the linter, which works out the types of all files once. By itself it would do so anew for each
 * component, because the script that it is handed is not what stands in the component's file.
 */
export const parser = {
  parseForESLint(code, options) {
    program ??= programOfAll()
    // A piece of a template has no types, and no rule that asks for them looks at one.
    const known = program.getSourceFile(options.filePath)?.text === code
    const types = known ? { programs: [program] } : {}
    return typescript.parseForESLint(code, { ...options, projectService: false, ...types })
  },
}
