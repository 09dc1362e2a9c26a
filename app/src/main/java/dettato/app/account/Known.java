package dettato.app.account;

import java.util.Collection;
import java.util.List;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/** An account as Spring Security checks it. */
record Known(Teacher teacher, String hash, boolean enabled) implements UserDetails {
  static Known of(AccountRow row) {
    return new Known(row.teacher(), row.passwordHash(), row.enabled());
  }

  @Override
  public Collection<? extends GrantedAuthority> getAuthorities() {
    return List.of();
  }

  @Override
  public String getPassword() {
    return hash;
  }

  @Override
  public String getUsername() {
    return teacher.name();
  }

  @Override
  public boolean isEnabled() {
    return enabled;
  }
}
