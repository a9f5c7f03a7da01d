import { api, type FileDto } from "../api/client";
import { type Answer, useAnswer } from "../shared/answer";

/** The files of the site, by name, with what uses each. */
export function useFiles(revision: number): Answer<readonly FileDto[]> {
  return useAnswer(["files"], revision, api.files);
}
