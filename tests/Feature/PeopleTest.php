<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Firm;
use App\Models\Invitation;
use App\Models\Role;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Mail\Transport\ArrayTransport;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Ondergrond\Units\DecimalMark;
use Ondergrond\Units\UnitSystem;
use Tests\TestCase;

final class PeopleTest extends TestCase
{
    private const TWICE = ['password' => 'a long enough one', 'password_confirmation' => 'a long enough one'];

    public function test_signing_in_renews_the_session_and_signing_out_ends_it(): void
    {
        $this->become(null);
        $this->get('/sign-in')->assertOk();
        $session = session()->getId();
        $this->post('/sign-in', ['email' => ' '.strtoupper($this->designer->email), 'password' => self::PASSWORD])->assertRedirect('/');
        $this->assertAuthenticatedAs($this->designer);
        self::assertNotSame($session, session()->getId());
        $this->delete('/sign-in')->assertRedirect('/sign-in');
        $this->assertGuest();
        $this->get('/')->assertRedirect('/sign-in');
    }

    public function test_passwords_are_kept_as_hashes_only(): void
    {
        $stored = DB::table('users')->where('id', $this->designer->id)->value('password');
        self::assertTrue(password_verify(self::PASSWORD, $stored));
        self::assertStringNotContainsString(self::PASSWORD, $this->designer->toJson());
        self::assertStringNotContainsString($stored, $this->designer->toJson());
    }

    public function test_guessing_is_slowed_down_and_says_for_how_long(): void
    {
        $this->become(null);
        for ($i = 0; $i < 5; $i++) {
            $this->post(
                '/sign-in',
                ['email' => $this->designer->email, 'password' => 'wrong'],
            )->assertSessionHasErrors(['email' => 'This address and this password do not go together.']);
        }
        $this->post('/sign-in', ['email' => $this->designer->email, 'password' => self::PASSWORD])->assertSessionHasErrors('email');
        self::assertMatchesRegularExpression('~Too many tries. Try again in \d+ seconds~', session('errors')->first('email'));
        $this->assertGuest();
        $this->post(
            '/sign-in',
            ['email' => 'nobody@firm.example', 'password' => 'wrong'],
        )->assertSessionHasErrors(['email' => 'This address and this password do not go together.']);
    }

    public function test_people_of_the_demo_get_in_nowhere_else(): void
    {
        $this->seed();
        $this->become(null);
        $demo = User::query()->where('demo', true)->firstOrFail();
        $sign = ['email' => $demo->email, 'password' => DatabaseSeeder::PASSWORD];
        $this->get('/sign-in')->assertDontSee($demo->name)->assertDontSee(DatabaseSeeder::PASSWORD);
        $this->post('/sign-in', $sign)->assertSessionHasErrors('email');
        $this->assertGuest();
        config(['ondergrond.demo' => true]);
        $this->get('/sign-in')->assertSee($demo->name);
        $this->post('/sign-in', $sign)->assertRedirect('/');
        $this->assertAuthenticatedAs($demo);
    }

    public function test_the_first_start_makes_a_firm_with_its_owner_once(): void
    {
        $this->become(null);
        User::query()->delete();
        $this->get('/sign-in')->assertRedirect('/first');
        $this->get('/first')->assertOk()->assertSee('First start');
        $this->post(
            '/first',
            ['firm' => '', 'name' => '', 'email' => 'no address', 'password' => 'short', 'password_confirmation' => 'other'],
        )->assertSessionHasErrors(['firm', 'name', 'email', 'password']);
        $this->post(
            '/first',
            ['firm' => 'Quay Slabs', 'name' => 'Ann', 'email' => 'Ann@Quay.example', 'role' => 'reader', ...self::TWICE],
        )->assertRedirect('/');
        $owner = User::query()->sole();
        self::assertSame(['ann@quay.example', Role::Owner, 'Quay Slabs'], [$owner->email, $owner->role, $owner->firm->name]);
        self::assertSame(1, Firm::query()->count(), 'the firm that was waiting is the firm');
        $this->become(null);
        $this->post('/first', ['firm' => 'Another', 'name' => 'Eve', 'email' => 'eve@quay.example', ...self::TWICE])->assertNotFound();
        self::assertSame(1, User::query()->count());
    }

    public function test_an_invitation_works_once_for_its_role_and_is_mailed(): void
    {
        $this->become($this->member(Role::Owner));
        $link = $this->invite('New@Firm.example', 'crew');
        $transport = app('mail.manager')->mailer()->getSymfonyTransport();
        self::assertInstanceOf(ArrayTransport::class, $transport);
        $mails = $transport->messages();
        self::assertCount(1, $mails);
        self::assertStringContainsString($link, quoted_printable_decode($mails[0]->getOriginalMessage()->toString()));

        $this->become(null);
        $this->get($link)->assertOk()->assertSee('new@firm.example')->assertSee('crew');
        $this->get(str_replace('signature=', 'signature=0', $link))->assertForbidden();
        $this->post($link, ['name' => str_repeat('n', 200), 'password' => 'short'])->assertSessionHasErrors(['name', 'password']);
        $this->post($link, ['name' => 'Newcomer', 'role' => 'owner', 'firm_id' => 99, ...self::TWICE])->assertRedirect('/');
        $new = User::query()->where('email', 'new@firm.example')->sole();
        self::assertSame([Role::Crew, $this->firm->id, false], [$new->role, $new->firm_id, $new->demo]);
        $this->become(null);
        $this->get($link)->assertForbidden()->assertSee('This link no longer works');
    }

    public function test_an_address_is_a_member_once(): void
    {
        $this->become($this->member(Role::Owner));
        $this->post(
            '/invitations',
            ['email' => strtoupper($this->designer->email), 'role' => 'crew'],
        )->assertSessionHasErrors(['email' => 'Somebody with this e-mail address is a member already.']);
        $this->post('/invitations', ['email' => 'not an address', 'role' => 'king'])->assertSessionHasErrors(['email', 'role']);
        $first = $this->invite('twice@firm.example', 'reader');
        $second = $this->invite('twice@firm.example', 'crew');
        self::assertSame(1, Invitation::query()->count(), 'the newest counts');
        $this->member(Role::Reader)->update(['email' => 'twice@firm.example']);
        $this->become(null);
        $this->get($first)->assertForbidden();
        $this->post($second, ['name' => 'Again', ...self::TWICE])->assertSessionHasErrors('email');
        self::assertSame(1, User::query()->where('email', 'twice@firm.example')->count());
    }

    public function test_an_invitation_ends_by_time_and_by_being_withdrawn(): void
    {
        $this->become($this->member(Role::Owner));
        $late = $this->invite('late@firm.example', 'reader');
        $withdrawn = $this->invite('withdrawn@firm.example', 'reader');
        $this->delete('/invitations/'.Invitation::query()->where('email', 'withdrawn@firm.example')->sole()->id)->assertRedirect();
        $this->become(null);
        $this->get($withdrawn)->assertForbidden();
        $this->travel(15)->days();
        $this->get($late)->assertForbidden();
    }

    public function test_the_last_owner_stays(): void
    {
        $owner = $this->member(Role::Owner);
        $this->become($owner);
        foreach ([
            fn () => $this->delete("/people/{$owner->id}"),
            fn () => $this->put("/people/{$owner->id}", ['role' => 'reader']),
        ] as $try) {
            $try()->assertSessionHasErrors('member');
            self::assertSame(Role::Owner, $owner->refresh()->role);
        }
        $other = $this->member(Role::Owner);
        $this->put("/people/{$owner->id}", ['role' => 'king'])->assertSessionHasErrors('role');
        $this->put(
            "/people/{$owner->id}",
            ['role' => 'designer', 'email' => 'x@y.example', 'firm_id' => 9],
        )->assertSessionHasNoErrors()->assertRedirect('/');
        self::assertSame([Role::Designer, $this->firm->id], [$owner->refresh()->role, $owner->firm_id]);
        self::assertStringContainsString('@firm.example', $owner->email);
        $this->become($other)->delete("/people/{$owner->id}")->assertSessionHasNoErrors();
        self::assertNull(User::query()->find($owner->id));
    }

    public function test_a_lost_password_is_replaced_by_a_link_from_an_owner_and_other_sittings_end(): void
    {
        $this->become($this->member(Role::Owner))->post("/people/{$this->designer->id}/password-link")->assertRedirect();
        $link = session('link')['url'];
        $this->become(null);
        $this->get($link)->assertOk()->assertSee($this->designer->email);
        $new = ['token' => basename((string) parse_url($link, PHP_URL_PATH)), 'email' => $this->designer->email, ...self::TWICE];
        $this->put('/new-password', ['token' => 'forged'] + $new)->assertSessionHasErrors('password');
        $this->put('/new-password', $new)->assertRedirect('/sign-in');
        self::assertTrue(Hash::check(self::TWICE['password'], $this->designer->refresh()->password));
        $this->put('/new-password', $new)->assertSessionHasErrors('password');
        // A sitting that began with the old password is over.
        $this->become($this->designer)->withSession(['password_hash_web' => 'of the old one'])->get('/')->assertRedirect('/sign-in');
    }

    public function test_each_person_reads_numbers_in_their_own_way(): void
    {
        $project = $this->boathouse();
        $this->put(
            '/settings',
            ['name' => 'مريم 🏗', 'units' => 'metric', 'decimal_mark' => 'comma', 'single_keys' => '1', 'role' => 'owner', 'demo' => '1'],
        )->assertSessionHasNoErrors();
        $person = $this->designer->refresh();
        self::assertSame(
            [UnitSystem::Metric, DecimalMark::Comma, Role::Designer, false],
            [$person->units, $person->decimal_mark, $person->role, $person->demo],
        );
        $this->get("/projects/{$project->id}/section")->assertSee("101,6\u{a0}mm")->assertSee('مريم 🏗')->assertDontSee("101.6\u{a0}mm");
        $this->become($this->member(Role::Reader))->get("/projects/{$project->id}/section")->assertSee("4\u{a0}in");
        $this->become($person)->put(
            '/settings',
            ['name' => '', 'units' => 'cubits', 'decimal_mark' => 'dash'],
        )->assertSessionHasErrors(['name', 'units', 'decimal_mark']);
        $this->put('/settings/password', ['current' => 'wrong', ...self::TWICE])->assertSessionHasErrors('current');
        $this->put('/settings/password', ['current' => self::PASSWORD, ...self::TWICE])->assertSessionHasNoErrors();
        self::assertTrue(Hash::check(self::TWICE['password'], $person->refresh()->password));
        $this->get('/')->assertOk();
    }

    private function invite(string $email, string $role): string
    {
        $this->post('/invitations', ['email' => $email, 'role' => $role])->assertSessionHasNoErrors();

        return session('link')['url'];
    }
}
