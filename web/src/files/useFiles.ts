import { api, type FileDto } from "../api/client";
import { type Answer, useAnswer } from "../shared/answer";

/** Milliseconds that a run of edits, such as of typing, has to rest before the files are asked for again. */
const REST = 400;

/**
 * The files of the site, by name, with what uses each.
 *
 * @param rest where files are what is edited, nobody waits
 */
export function useFiles(revision: number, rest = REST): Answer<readonly FileDto[]> {
  return useAnswer(["files"], revision, api.files, { rest, atOnce: true });
}
