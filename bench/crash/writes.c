/* Counts every change that a process, or any forked from it, makes below one folder, and dies at the n-th,
 * or lets the disk be full from there on. Loaded before the C library; ruled by a file that is mapped.
 */
#define _GNU_SOURCE
#include <dlfcn.h>
#include <errno.h>
#include <fcntl.h>
#include <limits.h>
#include <signal.h>
#include <stdarg.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <sys/mman.h>
#include <sys/stat.h>
#include <sys/types.h>
#include <unistd.h>

enum { OFF, KILL, TORN, FULL };

struct rules {
  long mode, at, count;
  char folder[4000];
};

static struct rules *rules;

__attribute__((constructor)) static void begin(void) {
  const char *file = getenv("WRITES_RULES");
  int fd = file ? open(file, O_RDWR) : -1;
  if (fd < 0) return;
  void *there = mmap(NULL, sizeof(struct rules), PROT_READ | PROT_WRITE, MAP_SHARED, fd, 0);
  close(fd);
  if (there != MAP_FAILED) rules = there;
}

static int below(const char *path) {
  size_t length = strlen(rules->folder);
  return length > 0 && strncmp(path, rules->folder, length) == 0 &&
         (path[length] == '/' || path[length] == 0);
}

static int fd_below(int fd) {
  char link[64], path[PATH_MAX];
  snprintf(link, sizeof link, "/proc/self/fd/%d", fd);
  ssize_t length = readlink(link, path, sizeof path - 1);
  if (length <= 0) return 0;
  path[length] = 0;
  return below(path);
}

/* What is to be done with this change: 0 to make it, FULL to refuse it, TORN to make half of it and die. */
static int ruled(int ours) {
  if (!rules || rules->mode == OFF || !ours) return 0;
  long number = __atomic_add_fetch(&rules->count, 1, __ATOMIC_SEQ_CST);
  if (rules->at <= 0 || number < rules->at) return 0;
  if (rules->mode == FULL) return FULL;
  if (rules->mode == TORN) return TORN;
  kill(getpid(), SIGKILL);
  pause();
  return 0;
}

static void die(void) {
  kill(getpid(), SIGKILL);
  pause();
}

static int active(void) { return rules && rules->mode != OFF; }

#define REAL(name) static __typeof__(name) *real; if (!real) real = dlsym(RTLD_NEXT, #name)
#define WHEN_FULL(number) do { errno = ENOSPC; return number; } while (0)

ssize_t write(int fd, const void *data, size_t size) {
  REAL(write);
  if (!active()) return real(fd, data, size);
  switch (ruled(fd_below(fd))) {
    case FULL: WHEN_FULL(-1);
    case TORN: real(fd, data, size / 2); die();
  }
  return real(fd, data, size);
}

ssize_t pwrite64(int fd, const void *data, size_t size, off64_t at) {
  REAL(pwrite64);
  if (!active()) return real(fd, data, size, at);
  switch (ruled(fd_below(fd))) {
    case FULL: WHEN_FULL(-1);
    case TORN: real(fd, data, size / 2, at); die();
  }
  return real(fd, data, size, at);
}

ssize_t pwrite(int fd, const void *data, size_t size, off_t at) { return pwrite64(fd, data, size, at); }

int fsync(int fd) {
  REAL(fsync);
  if (active() && ruled(fd_below(fd)) == TORN) die();
  return real(fd);
}

int fdatasync(int fd) {
  REAL(fdatasync);
  if (active() && ruled(fd_below(fd)) == TORN) die();
  return real(fd);
}

int ftruncate64(int fd, off64_t size) {
  REAL(ftruncate64);
  if (active() && ruled(fd_below(fd)) == TORN) die();
  return real(fd, size);
}

int ftruncate(int fd, off_t size) { return ftruncate64(fd, size); }

int rename(const char *from, const char *to) {
  REAL(rename);
  if (active() && ruled(below(to)) == TORN) die();
  return real(from, to);
}

int unlink(const char *path) {
  REAL(unlink);
  if (active() && ruled(below(path)) == TORN) die();
  return real(path);
}

int mkdir(const char *path, mode_t mode) {
  REAL(mkdir);
  switch (active() ? ruled(below(path)) : 0) {
    case FULL: WHEN_FULL(-1);
    case TORN: die();
  }
  return real(path, mode);
}

static int opened(int (*real)(const char *, int, ...), const char *path, int flags, mode_t mode) {
  /* Only a file that is made anew changes the folder. */
  if (active() && (flags & O_CREAT) && below(path) && access(path, F_OK) != 0) {
    switch (ruled(1)) {
      case FULL: WHEN_FULL(-1);
      case TORN: die();
    }
  }
  return real(path, flags, mode);
}

#define OPENS(name)                                                          \
  int name(const char *path, int flags, ...) {                               \
    REAL(name);                                                              \
    va_list more;                                                            \
    va_start(more, flags);                                                   \
    mode_t mode = flags & (O_CREAT | O_TMPFILE) ? va_arg(more, mode_t) : 0;  \
    va_end(more);                                                            \
    return opened(real, path, flags, mode);                                  \
  }

OPENS(open)
OPENS(open64)
