<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Database\Lock;
use App\Http\Requests\FirmRequest;
use App\Http\Requests\RoleRequest;
use App\Models\Invitation;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Password;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** Who is in the firm. */
final class PeopleController
{
    public function index(): View
    {
        $firm = User::current()->firm;

        return view('people.index', [
            'firm' => $firm,
            'members' => $firm->members,
            'invitations' => $firm->invitations()->where('expires_at', '>', now())->get(),
            'roles' => Role::cases(),
            'days' => Invitation::DAYS,
        ]);
    }

    public function rename(FirmRequest $request): RedirectResponse
    {
        User::current()->firm->update(['name' => $request->string('firm')->value()]);

        return redirect()->route('people.index')->with('said', 'Saved.');
    }

    public function update(RoleRequest $request, User $member): RedirectResponse
    {
        $role = Role::from($request->string('role')->value());
        $leads = $request->boolean('lead');
        Lock::on($member->firm, function () use ($member, $role, $leads): void {
            $this->keepAnOwner($member, $role->owns());
            $member->lead = $role === Role::Crew && $leads;
            $member->update(['role' => $role]);
        });

        // Who is no owner any more has nothing to look for on that page.
        $page = User::current()->refresh()->role->owns() ? 'people.index' : 'projects.index';

        return redirect()->route($page)->with('said', "{$member->name} is {$role->value} now.");
    }

    public function destroy(User $member): RedirectResponse
    {
        Lock::on($member->firm, function () use ($member): void {
            $this->keepAnOwner($member, false);
            $member->delete();
        });

        return redirect()->route('people.index')->with(
            'said',
            "{$member->name} is no longer in the firm. What they did stays in the histories.",
        );
    }

    /** A link by which a member sets a new password, shown to the owner to pass on. */
    public function passwordLink(User $member): RedirectResponse
    {
        $link = url(route('new-password.edit', ['token' => Password::createToken($member), 'email' => $member->email], false));

        return redirect()->route('people.index')->with(
            'link',
            ['for' => $member->name, 'what' => 'a new password, within the hour', 'url' => $link],
        );
    }

    private function keepAnOwner(User $member, bool $staysOwner): void
    {
        if (! $staysOwner && $member->firm->lastOwner($member->refresh())) {
            throw ValidationException::withMessages(
                ['member' => "{$member->name} is the last owner. Make somebody else an owner first; nothing was changed."],
            );
        }
    }
}
