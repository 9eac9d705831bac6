<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\PassingFile;
use App\Http\Sittings;
use App\Models\Role;
use App\Models\User;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Sittings of people: how they begin, where they are listed, how they end, and what guessing costs. */
final class SignInTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->become(null);
        $this->folder = sys_get_temp_dir().'/ondergrond-sittings-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        config(['database.connections.passing.database' => "{$this->folder}/own.passing.sqlite", 'session.driver' => 'database']);
        DB::purge('passing');
        app('session')->forgetDrivers();
        app()->forgetInstance('session.store');
        app()->forgetInstance('auth.driver');
        PassingFile::current()->prepare();
    }

    protected function tearDown(): void
    {
        DB::purge('passing');
        (new Process(['rm', '-rf', $this->folder]))->run();
        parent::tearDown();
    }

    /** From a browser that has no cookie yet. @return string the cookie it is given */
    private function signIn(User $user, bool $stays): string
    {
        Auth::forgetGuards();
        app('session')->forgetDrivers();
        app()->forgetInstance('session.store');
        app()->forgetInstance('auth.driver');
        $this->defaultCookies = $this->unencryptedCookies = [];
        $answer = $this->post('/sign-in', ['email' => $user->email, 'password' => self::PASSWORD, 'remember' => $stays ? '1' : '0']);
        $answer->assertRedirect('/');
        $cookie = $answer->getCookie((string) config('session.cookie'));
        self::assertNotNull($cookie);
        self::assertEqualsWithDelta(($stays ? 30 * 86_400 : 7_200), $cookie->getExpiresTime() - Carbon::now()->getTimestamp(), 5);

        return (string) $cookie->getValue();
    }

    /** @return int the answer's status at a page for members */
    private function look(string $cookie, string $at = '/settings'): int
    {
        return $this->with($cookie)->get($at)->getStatusCode();
    }

    private function listed(string $cookie): int
    {
        return substr_count((string) $this->with($cookie)->get('/settings')->getContent(), 'last used');
    }

    private function with(string $cookie): static
    {
        Auth::forgetGuards();
        app('session')->forgetDrivers();
        app()->forgetInstance('session.store');
        app()->forgetInstance('auth.driver');

        return $this->withCookie((string) config('session.cookie'), $cookie);
    }

    public function test_one_that_stays_ends_thirty_days_after_its_last_use_and_any_other_after_two_hours(): void
    {
        $user = $this->member(Role::Designer);
        [$short, $long] = [$this->signIn($user, false), $this->signIn($user, true)];
        self::assertSame([200, 200], [$this->look($short), $this->look($long)]);
        self::assertSame(2, $this->listed($long));
        $this->travel(3)->hours();
        self::assertSame(1, $this->listed($long), 'what has ended by itself is not listed, whether or not its row is gone');
        self::assertSame([302, 200], [$this->look($short), $this->look($long)]);
        $this->travel(29)->days();
        self::assertSame(200, $this->look($long), 'used within thirty days');
        $this->travel(29)->days();
        self::assertSame(200, $this->look($long), 'and again');
        $this->travel(31)->days();
        self::assertSame(302, $this->look($long), 'its cookie is old, and so is the row, which alone counts');
        $handler = app('session')->driver('database')->getHandler();
        self::assertInstanceOf(Sittings::class, $handler);
        $handler->gc(0);
        self::assertSame(0, DB::connection('passing')->table('sittings')->where('user_id', $user->id)->count(), 'nothing is left of them');
    }

    public function test_everybody_sees_their_own_sittings_and_ends_them(): void
    {
        [$user, $other] = [$this->member(Role::Designer), $this->member(Role::Owner)];
        [$here, $there, $third, $foreign] = [
            $this->signIn($user, false), $this->signIn($user, true), $this->signIn($user, false), $this->signIn($other, false),
        ];
        $page = (string) $this->with($here)->get('/settings')->getContent();
        self::assertSame(2, substr_count($page, 'End it'), 'all but this one');
        self::assertStringContainsString(', this one', $page);
        foreach ([$here, $there, $third, $foreign] as $secret) {
            self::assertStringNotContainsString($secret, $page, 'what would sign somebody in is not shown');
        }
        $this->with($here)->delete('/settings/sittings/'.hash('sha256', $foreign))->assertNotFound();
        $this->with($here)->delete('/settings/sittings/'.hash('sha256', $here))->assertNotFound();
        $this->with($here)->delete('/settings/sittings/'.hash('sha256', $there))->assertRedirect('/settings');
        self::assertSame([200, 302, 200, 200], array_map($this->look(...), [$here, $there, $third, $foreign]));
        $this->with($here)->delete('/settings/sittings')->assertRedirect('/settings');
        self::assertSame([200, 302, 200], array_map($this->look(...), [$here, $third, $foreign]));
        PassingFile::current()->clear();
        self::assertSame([302, 302], array_map($this->look(...), [$here, $foreign]), 'with another database they are other people');
    }

    public function test_who_is_a_member_takes_as_long_as_who_is_not(): void
    {
        $hasher = new class(Hash::driver()) implements Hasher
        {
            public int $worked = 0;

            public function __construct(private readonly Hasher $by) {}

            /** @return array<mixed> */
            public function info($hashedValue)
            {
                return $this->by->info($hashedValue);
            }

            /** @param  array<mixed>  $options */
            public function make($value, array $options = [])
            {
                $this->worked++;

                return $this->by->make($value, $options);
            }

            /** @param  array<mixed>  $options */
            public function check($value, $hashedValue, array $options = [])
            {
                $this->worked++;

                return $this->by->check($value, $hashedValue, $options);
            }

            /** @param  array<mixed>  $options */
            public function needsRehash($hashedValue, array $options = [])
            {
                return false;
            }
        };
        $member = $this->member(Role::Reader);
        Hash::swap($hasher);
        app()->forgetInstance('auth');
        Auth::clearResolvedInstance('auth');
        $worked = [];
        foreach ([$member->email, 'nobody@firm.example'] as $address) {
            $before = $hasher->worked;
            $answer = $this->post('/sign-in', ['email' => $address, 'password' => 'a guess of mine']);
            $answer->assertSessionHasErrors(['email' => 'This address and this password do not go together.']);
            $worked[] = $hasher->worked - $before;
        }
        self::assertSame([1, 1], $worked, 'one hash each');
    }

    public function test_guessing_is_slowed_down_by_account_and_by_address(): void
    {
        $try = function (string $email, string $from): string {
            $this->withServerVariables(['REMOTE_ADDR' => $from])->post('/sign-in', ['email' => $email, 'password' => 'a guess of mine']);

            return (string) session('errors')->first('email');
        };
        $member = $this->member(Role::Reader);
        for ($i = 0; $i < 40; $i++) {
            self::assertStringContainsString('do not go together', $try($member->email, '10.0.0.'.$i));
        }
        self::assertStringContainsString('Too many tries', $try($member->email, '10.0.1.1'), 'one account from many addresses');
        for ($i = 0; $i < 40; $i++) {
            self::assertStringContainsString('do not go together', $try("nobody{$i}@firm.example", '10.0.2.2'));
        }
        self::assertStringContainsString('Too many tries', $try('another@firm.example', '10.0.2.2'), 'many accounts from one address');
    }

    public function test_only_names_that_were_said_are_answered(): void
    {
        foreach (['localhost' => 302, '127.0.0.1:8000' => 302, 'evil.example' => 421, 'ondergrond.example' => 421,
            'localhost.evil.example' => 421] as $host => $status) {
            self::assertSame($status, $this->call('GET', "http://{$host}/")->getStatusCode(), $host);
        }
        config(['ondergrond.hosts' => ['ondergrond.example']]);
        self::assertSame(302, $this->call('GET', 'http://ondergrond.example/')->getStatusCode());
    }

    public function test_no_page_is_kept_by_a_browser(): void
    {
        $this->actingAs($this->member(Role::Owner));
        foreach (['/', '/settings', '/people', '/help', '/sign-in'] as $page) {
            self::assertStringContainsString('no-store', (string) $this->get($page)->headers->get('Cache-Control'), $page);
        }
    }
}
