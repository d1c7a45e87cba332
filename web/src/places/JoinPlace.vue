<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useBounds } from '../api/bounds'
import { answer, api, problemOf } from '../api/client'
import { asking, lookWhoAsks } from '../shop/asking'

/** The door from outside: the passcode, what the device is called, and the certificate step by step. */
const route = useRoute()
const router = useRouter()
// the code that was scanned has it behind the hash, which is not sent anywhere
const passcode = ref(decodeURIComponent(route.hash.slice(1)))
const name = ref(/iPad|Tablet|Android/i.test(navigator.userAgent) ? 'Tablet at the saw' : 'Other machine')
const failed = ref('')
const busy = ref(false)
/** Whether this browser trusts the certificate: only then it may put the application by. */
const trusted = ref(false)

onMounted(async () => {
  document.title = 'Join – Cant Hook'
  try {
    await lookWhoAsks()
  } catch (error) {
    failed.value = problemOf(error).detail
  }
  // resolves only where the browser took the application up
  void navigator.serviceWorker?.ready.then(() => (trusted.value = true))
})

async function join() {
  if (busy.value) return
  busy.value = true
  try {
    asking.value = await answer(
      api.POST('/api/join', { body: { passcode: passcode.value, name: name.value } })
    )
    failed.value = ''
    // what was not told to a stranger
    void useBounds().load()
    // the passcode must not stay in the address
    await router.replace({ name: 'join', query: route.query })
  } catch (error) {
    failed.value = problemOf(error).detail
  } finally {
    busy.value = false
  }
}
async function leave() {
  await answer(api.POST('/api/join/leave', {}))
  await lookWhoAsks()
}
const on = () => String(route.query.to ?? '/boxes')
const words = { READ: 'look', MARK: 'look, and mark at the saw', ALL: 'do everything' }
</script>

<template>
  <div class="join">
    <header>
      <h1>{{ asking?.in ? 'You are in' : 'Join the shop' }}</h1>
    </header>
    <main>
      <section>
        <template v-if="asking?.in">
          <p class="in">
            <strong>{{ asking.name || 'This machine' }}</strong> may {{ words[asking.may ?? 'ALL'] }}.
          </p>
          <p>
            <RouterLink :to="on()" class="go">Go on to the boxes</RouterLink>
          </p>
          <p v-if="!asking.here">
            <button type="button" class="word" @click="leave">Leave the shop on this device</button>
          </p>
        </template>
        <form v-else @submit.prevent="join">
          <label
            >Passcode, from the screen of the machine
            <input
              v-model="passcode"
              class="code"
              autocomplete="off"
              autocapitalize="characters"
              spellcheck="false"
              maxlength="20"
              required
          /></label>
          <label
            >What this device is called
            <input v-model="name" maxlength="40" autocomplete="off" required />
          </label>
          <button type="submit" class="go" :disabled="busy">Join</button>
        </form>
        <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
      </section>
      <section class="certificate">
        <h2>To cut on without the network</h2>
        <p v-if="trusted" class="done">
          This device keeps the application; a run once opened goes on by itself.
        </p>
        <template v-else>
          <p>
            Everything works without this but one thing: a run at the saw stops when the network does. For
            that the tablet must trust the shop’s certificate.
          </p>
          <ol>
            <li>
              <a href="/api/join/certificate" download>Take the certificate</a>
              <template v-if="asking?.fingerprint"
                >. It begins <span class="print">{{ asking.fingerprint }}</span>, like on the screen of the
                machine.</template
              >
            </li>
            <li>
              Open it in the tablet’s settings: under <em>profiles</em> or under
              <em>security, encryption and credentials, install a certificate, CA certificate</em>.
            </li>
            <li>
              Where the settings ask for it once more, switch on full trust for it (<em
                >about, certificate trust settings</em
              >).
            </li>
            <li>Close the browser, come back to this page, and choose <em>add to home screen</em>.</li>
          </ol>
          <p class="quiet">
            It vouches for addresses of a network of one’s own only, never for a site elsewhere.
          </p>
        </template>
      </section>
    </main>
  </div>
</template>

<style scoped>
.join {
  min-height: 100%;
  background: var(--ground);
}
header {
  background: var(--rail);
  color: var(--rail-ink);
  padding: 0.9rem 1.6rem;
}
h1 {
  font-size: 1.6rem;
}
main {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 2.4rem;
  padding: 1.4rem 1.6rem;
  max-width: 68rem;
}
form {
  display: grid;
  gap: 1.1rem;
}
label {
  display: grid;
  gap: 0.2rem;
  font-size: 1.1rem;
}
input {
  font: inherit;
  font-size: 1.3rem;
  color: inherit;
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  border-radius: 4px;
  padding: 0.5rem 0.7rem;
  width: 100%;
}
.code {
  font-family: var(--mono);
  font-size: 1.8rem;
  letter-spacing: 0.08em;
  text-transform: uppercase;
}
.go {
  display: inline-block;
  justify-self: start;
  padding: 0.7rem 1.8rem;
  border: 0;
  border-radius: 4px;
  background: var(--good);
  color: var(--sheet);
  font-size: 1.3rem;
  font-weight: 700;
  cursor: pointer;
  text-decoration: none;
}
.go:disabled {
  opacity: 0.5;
}
.in {
  font-size: 1.3rem;
}
.certificate {
  border-left: 1px solid var(--rule);
  padding-left: 2rem;
}
h2 {
  font-size: 1.2rem;
  margin: 0 0 0.3rem;
}
ol {
  padding-left: 1.3rem;
  display: grid;
  gap: 0.4rem;
}
.print {
  font-family: var(--mono);
}
.done {
  color: var(--good);
  font-weight: 700;
}
.quiet {
  color: var(--quiet);
}
.failed {
  color: var(--cut);
  font-weight: 700;
  font-size: 1.1rem;
}
@media (max-width: 800px) {
  main {
    grid-template-columns: minmax(0, 1fr);
  }
  .certificate {
    border: 0;
    padding: 0;
  }
}
</style>
