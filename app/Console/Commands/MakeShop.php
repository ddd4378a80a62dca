<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use App\SignIn\PasswordLink;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;

final class MakeShop extends Command
{
    protected $signature = 'dinghy:shop {name : of the shop} {--owner= : e-mail of its owner} {--owner-name= : as the owner is called} {--address=http://127.0.0.1:8080 : where Dinghy is served}';

    protected $description = 'Makes a shop with its owner, and a link by which the owner sets a password once';

    public function handle(): int
    {
        $email = strtolower((string) $this->option('owner'));
        $name = trim((string) $this->argument('name'));
        $wrong = Validator::make(['name' => $name, 'owner' => $email], [
            'name' => ['required', 'max:120'],
            'owner' => ['required', 'email', 'max:190', 'regex:/^[\x21-\x7e]+$/', 'unique:users,email'],
        ], [
            'name.*' => 'The name of the shop is missing, or longer than 120 letters.',
            'owner.required' => 'The owner is missing: --owner=name@place.',
            'owner.unique' => "There is a person with the address {$email} already.",
            'owner.*' => 'The owner\'s address does not read as name@place, in plain letters.',
        ])->errors();
        if ($wrong->isNotEmpty()) {
            $this->error((string) $wrong->first());

            return self::INVALID;
        }
        $owner = DB::transaction(fn (): User => Shop::query()->create(['name' => $name])->users()->create([
            'name' => (string) ($this->option('owner-name') ?? Str::before($email, '@')), 'email' => $email, 'password' => Str::random(60), 'role' => Role::Owner,
        ]));
        $this->line("Shop \"{$name}\" is made. {$email} sets a password here, once, within ".PasswordLink::HOURS.' hours:');
        $this->line(rtrim((string) $this->option('address'), '/').'/set-password#'.PasswordLink::for($owner));

        return self::SUCCESS;
    }
}
