<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;

/** Who may do what, all of it. Everything is within the user's own company; what belongs to another does not exist. */
final class Permissions
{
    /** @var array<string, list<Role>> */
    public const TABLE = [
        'view' => [Role::Planner, Role::Reviewer, Role::Crew],
        'start' => [Role::Planner],
        'update' => [Role::Planner],
        'sign' => [Role::Planner, Role::Reviewer],
        'issue' => [Role::Planner],
        'archive' => [Role::Planner, Role::Reviewer],
        'manage' => [Role::Planner],
        'rates' => [Role::Planner, Role::Reviewer],
    ];

    /** @return list<string> */
    public static function of(Role $role): array
    {
        return array_keys(array_filter(self::TABLE, static fn (array $roles): bool => in_array($role, $roles, true)));
    }

    public static function allow(?Role $role, string $what): bool
    {
        return $role !== null && in_array($role, self::TABLE[$what] ?? [], true);
    }
}
