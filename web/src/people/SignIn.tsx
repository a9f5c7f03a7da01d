import type { SessionDto } from "../api/client";
import { VelnikMark } from "../shared/marks";
import { SignInForm } from "./SignInForm";

export function SignIn({ onEnter }: { readonly onEnter: (session: SessionDto) => void }) {
  return (
    <main className="entrance">
      <h1>
        <VelnikMark /> Velnik
      </h1>
      <SignInForm name="" onEnter={onEnter} />
    </main>
  );
}
