<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AcceptRequest;
use App\Http\Requests\InvitationRequest;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Mail\Message;
use Illuminate\Routing\Exceptions\InvalidSignatureException;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** A place in the firm, offered by a link that is shown on screen and mailed where there is a mail server. */
final class InvitationController
{
    private const TAKEN = 'Somebody with this e-mail address is a member already.';

    public function store(InvitationRequest $request): RedirectResponse
    {
        $typed = $request->validated();
        $email = User::plainEmail($typed['email']);
        $this->refuseTaken($email);
        $user = User::current();
        $firm = $user->firm;
        // One offer at a time for an address: the newest.
        $firm->invitations()->where('email', $email)->delete();
        $invitation = $firm->invitations()->create([
            'email' => $email, 'role' => $typed['role'], 'invited_by' => $user->name,
            'expires_at' => now()->addDays(Invitation::DAYS)->startOfSecond(),
        ]);
        $link = $invitation->link();
        // Mail may not be set up, or be down: the link on the screen is what counts.
        rescue(static fn () => Mail::raw(
            "{$user->name} invites you to {$firm->name} on Ondergrond, as {$typed['role']}:\n\n{$link}\n\nThe link works once, for "
                .Invitation::DAYS.' days.',
            static fn (Message $mail) => $mail->to($email)->subject('Your place on Ondergrond'),
        ));

        return redirect()->route('people.index')->with('link', ['for' => $email, 'what' => 'a place in the firm', 'url' => $link]);
    }

    public function destroy(string $invitation): RedirectResponse
    {
        User::current()->firm->invitations()->whereKey($invitation)->firstOrFail()->delete();

        return redirect()->route('people.index')->with('said', 'The invitation is withdrawn; its link no longer works.');
    }

    public function show(Invitation $invitation): View
    {
        return view('invitations.show', ['invitation' => $invitation->load('firm')]);
    }

    public function accept(AcceptRequest $request, Invitation $invitation): RedirectResponse
    {
        $typed = $request->validated();
        $member = DB::transaction(function () use ($invitation, $typed): User {
            // Whoever deletes it first has taken it.
            if ($invitation->newQuery()->whereKey($invitation->id)->delete() !== 1) {
                throw new InvalidSignatureException;
            }
            $this->refuseTaken($invitation->email);

            return $invitation->firm->members()->create([
                'name' => $typed['name'], 'password' => $typed['password'], 'email' => $invitation->email, 'role' => $invitation->role,
            ]);
        });
        Auth::login($member);
        $request->session()->regenerate();

        return redirect()->route('projects.index')->with('said', "You are in, as {$member->role->value}.");
    }

    private function refuseTaken(string $email): void
    {
        if (User::query()->where('email', $email)->exists()) {
            throw ValidationException::withMessages(['email' => self::TAKEN]);
        }
    }
}
