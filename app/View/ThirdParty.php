<?php

declare(strict_types=1);

namespace App\View;

/** What others wrote and this program ships or runs on, with their licences, as their packages tell. */
final class ThirdParty
{
    /** @return list<array{name: string, version: string, licence: string, text: string}> by name */
    public static function all(): array
    {
        $packages = [...self::composer(), ...self::npm()];
        usort($packages, static fn (array $a, array $b): int => $a['name'] <=> $b['name']);

        return $packages;
    }

    /** @return list<array{name: string, version: string, licence: string, text: string}> */
    private static function composer(): array
    {
        $installed = self::json(base_path('vendor/composer/installed.json'));
        $forWork = (array) ($installed['dev-package-names'] ?? []);
        $packages = [];
        foreach ((array) ($installed['packages'] ?? []) as $package) {
            if (! in_array($package['name'], $forWork, true)) {
                $packages[] = [
                    'name' => (string) $package['name'],
                    'version' => ltrim((string) $package['version'], 'v'),
                    'licence' => implode(' or ', (array) ($package['license'] ?? [])),
                    'text' => self::text(base_path('vendor/'.$package['name'])),
                ];
            }
        }

        return $packages;
    }

    /** @return list<array{name: string, version: string, licence: string, text: string}> those that the built pages hold */
    private static function npm(): array
    {
        $packages = [];
        foreach ((array) (self::json(base_path('package-lock.json'))['packages'] ?? []) as $folder => $package) {
            if ($folder !== '' && ($package['dev'] ?? false) !== true) {
                $packages[] = [
                    'name' => (string) preg_replace('~^.*node_modules/~', '', (string) $folder),
                    'version' => (string) $package['version'],
                    'licence' => (string) ($package['license'] ?? ''),
                    'text' => self::text(base_path((string) $folder)),
                ];
            }
        }

        return $packages;
    }

    private static function text(string $folder): string
    {
        $files = glob($folder.'/{LICENSE,LICENCE,COPYING,license,licence}*', GLOB_BRACE);

        return $files === false || $files === [] ? '' : trim((string) file_get_contents($files[0]));
    }

    /** @return array<array-key, mixed> */
    private static function json(string $file): array
    {
        return is_file($file) ? (array) json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR) : [];
    }
}
